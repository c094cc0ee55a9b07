/** A table as the baseline makes it: its name, and columns, keys and checks as this database writes them. */
export interface Table {
  readonly name: string;
  readonly columns: string;
}

export const ID = 'CHAR(36) CHARACTER SET ascii COLLATE ascii_bin';
export const HASH = 'CHAR(64) CHARACTER SET ascii COLLATE ascii_bin';
export const WORD = 'VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin';
export const MOMENT = 'DATETIME(3)';

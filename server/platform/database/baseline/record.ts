import { HASH, ID, MOMENT, WORD, type Table } from './types';

export const RECORD: readonly Table[] = [
  {
    name: 'entry',
    columns: `
      ordinal BIGINT NOT NULL AUTO_INCREMENT,
      chain ${ID} NOT NULL,
      seq INT NOT NULL,
      previousHash ${HASH} NOT NULL,
      hash ${HASH} NOT NULL,
      id ${ID} NOT NULL,
      kind ${WORD} NOT NULL,
      body LONGTEXT NOT NULL,
      bikeId ${ID} NULL,
      policyHash ${HASH} NULL,
      requestHash ${HASH} NULL,
      author ${ID} NULL,
      happenedAt ${MOMENT} NOT NULL,
      recordedAt ${MOMENT} NOT NULL,
      PRIMARY KEY (ordinal),
      UNIQUE INDEX entry_chain_seq (chain,seq),
      UNIQUE INDEX entry_id (id),
      INDEX entry_bike (bikeId,ordinal),
      CONSTRAINT entry_seq_from_one CHECK (seq >= 1),
      CONSTRAINT entry_body_json CHECK (JSON_VALID(body))`,
  },
  {
    name: 'chain_head',
    columns: `
      chain ${ID} NOT NULL,
      seq INT NOT NULL,
      hash ${HASH} NOT NULL,
      PRIMARY KEY (chain)`,
  },
  {
    name: 'program',
    columns: `
      id ${ID} NOT NULL,
      name VARCHAR(80) NOT NULL,
      demo TINYINT NOT NULL,
      PRIMARY KEY (id)`,
  },
  {
    name: 'person',
    columns: `
      id ${ID} NOT NULL,
      name VARCHAR(80) NOT NULL,
      signInName ${WORD} NOT NULL,
      role ${WORD} NOT NULL,
      trainee TINYINT NOT NULL,
      active TINYINT NOT NULL,
      version INT NOT NULL,
      competences LONGTEXT NOT NULL,
      PRIMARY KEY (id),
      UNIQUE INDEX person_sign_in_name (signInName),
      CONSTRAINT person_role CHECK (role IN ('desk','inspector','mechanic','lead')),
      CONSTRAINT person_competences_json CHECK (JSON_VALID(competences))`,
  },
  {
    name: 'credential',
    columns: `
      personId ${ID} NOT NULL,
      hash VARCHAR(255) NOT NULL,
      PRIMARY KEY (personId)`,
  },
  {
    name: 'session',
    columns: `
      tokenHash ${HASH} NOT NULL,
      personId ${ID} NOT NULL,
      device ${WORD} NOT NULL,
      startedAt ${MOMENT} NOT NULL,
      seenAt ${MOMENT} NOT NULL,
      endedAt ${MOMENT} NULL,
      PRIMARY KEY (tokenHash),
      INDEX session_person_device (personId,device)`,
  },
  {
    name: 'throttle',
    columns: `
      \`key\` VARCHAR(120) NOT NULL,
      failures INT NOT NULL,
      since ${MOMENT} NOT NULL,
      PRIMARY KEY (\`key\`)`,
  },
];

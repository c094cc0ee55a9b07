/**
 * The database's shape, one table a step: a step that fails leaves no half of another behind, as this
 * database cannot take DDL back. Steps are only ever added. CHECKs stand here because the mapper drops them.
 */
const ID = 'CHAR(36) CHARACTER SET ascii COLLATE ascii_bin';
const HASH = 'CHAR(64) CHARACTER SET ascii COLLATE ascii_bin';
const WORD = 'VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin';
const MOMENT = 'DATETIME(3)';

const oneOf = (column: string, ...words: string[]): string =>
  `CHECK (\`${column}\` IN (${words.map((word) => `'${word}'`).join(', ')}))`;

export const STEPS: readonly { readonly name: string; readonly sql: string }[] = [
  {
    name: 'Entry',
    sql: `CREATE TABLE entry (ordinal BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY, chain ${ID} NOT NULL, seq INT NOT NULL, previousHash ${HASH} NOT NULL, hash ${HASH} NOT NULL,
      id ${ID} NOT NULL, kind ${WORD} NOT NULL, body LONGTEXT NOT NULL, bikeId ${ID} NULL, policyHash ${HASH} NULL, requestHash ${HASH} NULL, author ${ID} NULL,
      happenedAt ${MOMENT} NOT NULL, recordedAt ${MOMENT} NOT NULL,
      UNIQUE INDEX entry_chain_seq (chain, seq), UNIQUE INDEX entry_id (id), INDEX entry_bike (bikeId, ordinal),
      CONSTRAINT entry_seq_from_one CHECK (seq >= 1), CONSTRAINT entry_body_json CHECK (JSON_VALID(body)))`,
  },
  {
    name: 'ChainHead',
    sql: `CREATE TABLE chain_head (chain ${ID} NOT NULL PRIMARY KEY, seq INT NOT NULL, hash ${HASH} NOT NULL)`,
  },
  {
    name: 'Program',
    sql: `CREATE TABLE program (id ${ID} NOT NULL PRIMARY KEY, name VARCHAR(80) NOT NULL, demo TINYINT NOT NULL)`,
  },
  {
    name: 'Person',
    sql: `CREATE TABLE person (id ${ID} NOT NULL PRIMARY KEY, name VARCHAR(80) NOT NULL, signInName ${WORD} NOT NULL, role ${WORD} NOT NULL, trainee TINYINT NOT NULL, active TINYINT NOT NULL, version INT NOT NULL,
      UNIQUE INDEX person_sign_in_name (signInName), CONSTRAINT person_role ${oneOf('role', 'desk', 'inspector', 'mechanic', 'lead')})`,
  },
  {
    name: 'Credential',
    sql: `CREATE TABLE credential (personId ${ID} NOT NULL PRIMARY KEY, hash VARCHAR(255) NOT NULL)`,
  },
  {
    name: 'Session',
    sql: `CREATE TABLE session (tokenHash ${HASH} NOT NULL PRIMARY KEY, personId ${ID} NOT NULL, device ${WORD} NOT NULL, startedAt ${MOMENT} NOT NULL, seenAt ${MOMENT} NOT NULL, endedAt ${MOMENT} NULL,
      INDEX session_person_device (personId, device))`,
  },
  {
    name: 'Throttle',
    sql: 'CREATE TABLE throttle (`key` VARCHAR(120) NOT NULL PRIMARY KEY, failures INT NOT NULL, since DATETIME(3) NOT NULL)',
  },
  {
    name: 'Site',
    sql: `CREATE TABLE site (id ${ID} NOT NULL PRIMARY KEY, name VARCHAR(80) NOT NULL, timeZone VARCHAR(60) NOT NULL, opensAt ${WORD} NOT NULL)`,
  },
  {
    name: 'Rack',
    sql: `CREATE TABLE rack (id ${ID} NOT NULL PRIMARY KEY, siteId ${ID} NOT NULL, name VARCHAR(40) NOT NULL, position INT NOT NULL, CONSTRAINT rack_site FOREIGN KEY (siteId) REFERENCES site (id))`,
  },
  {
    name: 'Hook',
    sql: `CREATE TABLE hook (id ${ID} NOT NULL PRIMARY KEY, rackId ${ID} NOT NULL, number INT NOT NULL, UNIQUE INDEX hook_place (rackId, number), CONSTRAINT hook_rack FOREIGN KEY (rackId) REFERENCES rack (id), CONSTRAINT hook_number CHECK (number >= 1))`,
  },
  {
    name: 'Bike',
    sql: `CREATE TABLE bike (id ${ID} NOT NULL PRIMARY KEY, tag ${WORD} NOT NULL, model VARCHAR(80) NOT NULL, size VARCHAR(20) NOT NULL, serial VARCHAR(60) NOT NULL, siteId ${ID} NOT NULL, hookId ${ID} NULL,
      build LONGTEXT NOT NULL, whereabouts ${WORD} NOT NULL, version INT NOT NULL, UNIQUE INDEX bike_tag (tag), UNIQUE INDEX bike_hook (hookId),
      CONSTRAINT bike_site FOREIGN KEY (siteId) REFERENCES site (id), CONSTRAINT bike_on_hook FOREIGN KEY (hookId) REFERENCES hook (id),
      CONSTRAINT bike_whereabouts ${oneOf('whereabouts', 'in', 'out', 'on-the-bench', 'laid-up', 'gone')}, CONSTRAINT bike_build_json CHECK (JSON_VALID(build)))`,
  },
  {
    name: 'BikeState',
    sql: `CREATE TABLE bike_state (bikeId ${ID} NOT NULL PRIMARY KEY, facts LONGTEXT NOT NULL, nextChangeAt ${MOMENT} NULL, INDEX bike_state_next (nextChangeAt),
      CONSTRAINT bike_state_bike FOREIGN KEY (bikeId) REFERENCES bike (id), CONSTRAINT bike_state_json CHECK (JSON_VALID(facts)))`,
  },
  {
    name: 'Part',
    sql: `CREATE TABLE part (id ${ID} NOT NULL PRIMARY KEY, kind ${WORD} NOT NULL, name VARCHAR(80) NOT NULL, markings LONGTEXT NOT NULL, CONSTRAINT part_markings_json CHECK (JSON_VALID(markings)))`,
  },
  {
    name: 'Fitment',
    sql: `CREATE TABLE fitment (id ${ID} NOT NULL PRIMARY KEY, partId ${ID} NOT NULL, bikeId ${ID} NOT NULL, position ${WORD} NOT NULL, fittedAt ${MOMENT} NOT NULL, removedAt ${MOMENT} NULL, INDEX fitment_bike (bikeId, removedAt),
      CONSTRAINT fitment_part FOREIGN KEY (partId) REFERENCES part (id), CONSTRAINT fitment_on_bike FOREIGN KEY (bikeId) REFERENCES bike (id), CONSTRAINT fitment_order CHECK (removedAt IS NULL OR removedAt >= fittedAt))`,
  },
  {
    name: 'TagCode',
    sql: `CREATE TABLE tag_code (code ${WORD} NOT NULL PRIMARY KEY, bikeId ${ID} NOT NULL, issuedAt ${MOMENT} NOT NULL, endedAt ${MOMENT} NULL, CONSTRAINT tag_code_bike FOREIGN KEY (bikeId) REFERENCES bike (id))`,
  },
  {
    name: 'OutingGroup',
    sql: `CREATE TABLE outing_group (id ${ID} NOT NULL PRIMARY KEY, siteId ${ID} NOT NULL, name VARCHAR(80) NOT NULL, outAt ${MOMENT} NOT NULL, backAt ${MOMENT} NOT NULL, wanted LONGTEXT NOT NULL,
      CONSTRAINT outing_group_site FOREIGN KEY (siteId) REFERENCES site (id), CONSTRAINT outing_group_order CHECK (backAt > outAt))`,
  },
  {
    name: 'ChecklistVersion',
    sql: `CREATE TABLE checklist_version (hash ${HASH} NOT NULL PRIMARY KEY, \`key\` ${WORD} NOT NULL, version INT NOT NULL, checklist LONGTEXT NOT NULL, INDEX checklist_key (\`key\`, version), CONSTRAINT checklist_json CHECK (JSON_VALID(checklist)))`,
  },
  {
    name: 'PolicyVersion',
    sql: `CREATE TABLE policy_version (hash ${HASH} NOT NULL PRIMARY KEY, version INT NOT NULL, policy LONGTEXT NOT NULL, UNIQUE INDEX policy_version_number (version), CONSTRAINT policy_json CHECK (JSON_VALID(policy)))`,
  },
  {
    name: 'BikeCheck',
    sql: `CREATE TABLE bike_check (id ${ID} NOT NULL PRIMARY KEY, bikeId ${ID} NOT NULL, checklistHash ${HASH} NOT NULL, state ${WORD} NOT NULL, openedBy ${ID} NOT NULL, openedAt ${MOMENT} NOT NULL, signedBy ${ID} NULL, signedAt ${MOMENT} NULL,
      coSignedBy ${ID} NULL, complete TINYINT NULL, criticalsMissing INT NOT NULL, awaitsCoSign TINYINT NOT NULL, validUntil ${MOMENT} NULL, repairId ${ID} NULL, hasty TINYINT NOT NULL,
      INDEX check_bike (bikeId, state, signedAt), CONSTRAINT check_on_bike FOREIGN KEY (bikeId) REFERENCES bike (id), CONSTRAINT check_checklist FOREIGN KEY (checklistHash) REFERENCES checklist_version (hash),
      CONSTRAINT check_state ${oneOf('state', 'open', 'signed', 'abandoned')}, CONSTRAINT check_signed_whole CHECK (state <> 'signed' OR (signedBy IS NOT NULL AND signedAt IS NOT NULL AND complete IS NOT NULL)))`,
  },
  {
    // No foreign key to the check: marks are the record itself and outlive a rebuild of what is projected.
    name: 'Mark',
    sql: `CREATE TABLE mark (id ${ID} NOT NULL PRIMARY KEY, checkId ${ID} NOT NULL, checkpoint ${WORD} NOT NULL, position ${WORD} NOT NULL, word ${WORD} NOT NULL, way ${WORD} NOT NULL, faults LONGTEXT NOT NULL, note VARCHAR(1000) NOT NULL,
      reading LONGTEXT NULL, author ${ID} NOT NULL, device ${WORD} NOT NULL, \`at\` ${MOMENT} NOT NULL, INDEX mark_check (checkId),
      CONSTRAINT mark_word ${oneOf('word', 'sound', 'put-right', 'watch', 'fault', 'not-looked-at', 'withdrawn')}, CONSTRAINT mark_faults_json CHECK (JSON_VALID(faults)))`,
  },
  {
    name: 'Finding',
    sql: `CREATE TABLE finding (id ${ID} NOT NULL PRIMARY KEY, bikeId ${ID} NOT NULL, state ${WORD} NOT NULL, severity ${WORD} NOT NULL, outingsUsed INT NOT NULL, finding LONGTEXT NOT NULL, INDEX finding_bike (bikeId, state),
      CONSTRAINT finding_on_bike FOREIGN KEY (bikeId) REFERENCES bike (id), CONSTRAINT finding_state ${oneOf('state', 'open', 'in-work', 'mended', 'rechecked', 'closed')},
      CONSTRAINT finding_severity ${oneOf('severity', 'stop', 'soon', 'upkeep', 'watch')}, CONSTRAINT finding_json CHECK (JSON_VALID(finding)))`,
  },
  {
    name: 'Hold',
    sql: `CREATE TABLE hold (id ${ID} NOT NULL PRIMARY KEY, bikeId ${ID} NOT NULL, since ${MOMENT} NOT NULL, endedAt ${MOMENT} NULL, INDEX hold_bike (bikeId, endedAt), CONSTRAINT hold_on_bike FOREIGN KEY (bikeId) REFERENCES bike (id))`,
  },
  {
    name: 'Repair',
    sql: `CREATE TABLE repair (id ${ID} NOT NULL PRIMARY KEY, bikeId ${ID} NOT NULL, state ${WORD} NOT NULL, findingIds LONGTEXT NOT NULL, startedBy ${ID} NOT NULL, startedAt ${MOMENT} NOT NULL, doneBy ${ID} NULL, doneAt ${MOMENT} NULL,
      work LONGTEXT NOT NULL, touched LONGTEXT NOT NULL, minutes INT NULL, recheckCheckId ${ID} NULL, INDEX repair_bike (bikeId, state), CONSTRAINT repair_on_bike FOREIGN KEY (bikeId) REFERENCES bike (id),
      CONSTRAINT repair_state ${oneOf('state', 'started', 'done', 'rechecked')}, CONSTRAINT repair_done_whole CHECK (state = 'started' OR (doneBy IS NOT NULL AND doneAt IS NOT NULL)))`,
  },
  {
    name: 'NotReassembled',
    sql: `CREATE TABLE not_reassembled (id ${ID} NOT NULL PRIMARY KEY, bikeId ${ID} NOT NULL, what VARCHAR(200) NOT NULL, \`by\` ${ID} NOT NULL, since ${MOMENT} NOT NULL, closedBy ${ID} NULL, closedAt ${MOMENT} NULL, INDEX not_reassembled_bike (bikeId, closedAt),
      CONSTRAINT not_reassembled_on_bike FOREIGN KEY (bikeId) REFERENCES bike (id), CONSTRAINT not_reassembled_closed_whole CHECK ((closedBy IS NULL) = (closedAt IS NULL)))`,
  },
  {
    name: 'Model',
    sql: `CREATE TABLE model (id ${ID} NOT NULL PRIMARY KEY, name VARCHAR(80) NOT NULL, build LONGTEXT NOT NULL, fit LONGTEXT NOT NULL, version INT NOT NULL, UNIQUE INDEX model_name (name),
      CONSTRAINT model_build_json CHECK (JSON_VALID(build)), CONSTRAINT model_fit_json CHECK (JSON_VALID(fit)))`,
  },
  {
    name: 'BikeOfModel',
    sql: `ALTER TABLE bike ADD COLUMN modelId ${ID} NULL, ADD COLUMN own LONGTEXT NOT NULL DEFAULT '[]', ADD COLUMN fit LONGTEXT NOT NULL DEFAULT '{}',
      ADD COLUMN boughtOn VARCHAR(10) CHARACTER SET ascii NOT NULL DEFAULT '', ADD COLUMN warrantyUntil VARCHAR(10) CHARACTER SET ascii NOT NULL DEFAULT '',
      ADD INDEX bike_model (modelId), ADD CONSTRAINT bike_of_model FOREIGN KEY (modelId) REFERENCES model (id),
      ADD CONSTRAINT bike_own_json CHECK (JSON_VALID(own)), ADD CONSTRAINT bike_fit_json CHECK (JSON_VALID(fit)), ADD CONSTRAINT bike_own_of_model CHECK (modelId IS NOT NULL OR own = '[]')`,
  },
  {
    name: 'PartFacts',
    sql: `ALTER TABLE part ADD COLUMN facts LONGTEXT NOT NULL DEFAULT '{}', ADD CONSTRAINT part_facts_json CHECK (JSON_VALID(facts))`,
  },
  {
    name: 'FitmentPlace',
    sql: `ALTER TABLE fitment ADD CONSTRAINT fitment_position ${oneOf('position', 'only', 'front', 'rear')}`,
  },
  {
    name: 'OutingGroupVersion',
    sql: `ALTER TABLE outing_group ADD COLUMN version INT NOT NULL DEFAULT 1, ADD INDEX outing_group_back (backAt), ADD CONSTRAINT outing_group_wants_json CHECK (JSON_VALID(wanted))`,
  },
  // What stood in the tables before has its defaults; from here on everything is said.
  {
    name: 'BikeSaid',
    sql: 'ALTER TABLE bike ALTER COLUMN own DROP DEFAULT, ALTER COLUMN fit DROP DEFAULT, ALTER COLUMN boughtOn DROP DEFAULT, ALTER COLUMN warrantyUntil DROP DEFAULT',
  },
  { name: 'PartSaid', sql: 'ALTER TABLE part ALTER COLUMN facts DROP DEFAULT' },
  { name: 'OutingGroupSaid', sql: 'ALTER TABLE outing_group ALTER COLUMN version DROP DEFAULT' },
  {
    name: 'PublishedBy',
    sql: `ALTER TABLE checklist_version ADD COLUMN publishedBy ${ID} NULL, ADD COLUMN publishedAt ${MOMENT} NULL, ADD COLUMN note VARCHAR(300) NOT NULL DEFAULT '', ADD COLUMN reason VARCHAR(300) NOT NULL DEFAULT '', ADD COLUMN clears TINYINT NOT NULL DEFAULT 1`,
  },
  {
    name: 'PolicyPublishedBy',
    sql: `ALTER TABLE policy_version ADD COLUMN publishedBy ${ID} NULL, ADD COLUMN publishedAt ${MOMENT} NULL`,
  },
  {
    name: 'ChecklistDraft',
    sql: `CREATE TABLE checklist_draft (\`key\` ${WORD} NOT NULL PRIMARY KEY, base ${HASH} NULL, checklist LONGTEXT NOT NULL, savedBy ${ID} NOT NULL, savedAt ${MOMENT} NOT NULL, version INT NOT NULL, CONSTRAINT checklist_draft_json CHECK (JSON_VALID(checklist)))`,
  },
  {
    name: 'CheckVoided',
    sql: 'ALTER TABLE bike_check ADD COLUMN voided TINYINT NOT NULL DEFAULT 0, ADD INDEX check_of_checklist (checklistHash)',
  },
  {
    name: 'Competences',
    sql: `ALTER TABLE person ADD COLUMN competences LONGTEXT NOT NULL DEFAULT '[]', ADD CONSTRAINT person_competences_json CHECK (JSON_VALID(competences))`,
  },
  { name: 'ChecklistClears', sql: "UPDATE checklist_version SET clears = 0 WHERE `key` = 'recheck'" },
  {
    name: 'ChecklistSaid',
    sql: 'ALTER TABLE checklist_version ALTER COLUMN note DROP DEFAULT, ALTER COLUMN reason DROP DEFAULT, ALTER COLUMN clears DROP DEFAULT',
  },
  { name: 'CheckVoidedSaid', sql: 'ALTER TABLE bike_check ALTER COLUMN voided DROP DEFAULT' },
  { name: 'CompetencesSaid', sql: 'ALTER TABLE person ALTER COLUMN competences DROP DEFAULT' },
  {
    name: 'CheckAmends',
    sql: `ALTER TABLE bike_check ADD COLUMN amends ${ID} NULL, ADD COLUMN reason VARCHAR(300) NOT NULL DEFAULT '', ADD INDEX check_signed (signedAt), ADD CONSTRAINT check_amends_named CHECK (amends IS NOT NULL OR reason = '')`,
  },
  { name: 'CheckAmendsSaid', sql: 'ALTER TABLE bike_check ALTER COLUMN reason DROP DEFAULT' },
  {
    name: 'Round',
    sql: `CREATE TABLE round (id ${ID} NOT NULL PRIMARY KEY, siteId ${ID} NOT NULL, name VARCHAR(80) NOT NULL, checklistKey ${WORD} NULL, bikeIds LONGTEXT NOT NULL, people LONGTEXT NOT NULL, deadline ${MOMENT} NOT NULL,
      madeBy ${ID} NULL, madeAt ${MOMENT} NOT NULL, standingId ${ID} NULL, state ${WORD} NOT NULL, closedBy ${ID} NULL, closedAt ${MOMENT} NULL, undone LONGTEXT NOT NULL, version INT NOT NULL, INDEX round_state (state, closedAt),
      CONSTRAINT round_site FOREIGN KEY (siteId) REFERENCES site (id), CONSTRAINT round_state ${oneOf('state', 'open', 'closed')}, CONSTRAINT round_closed_whole CHECK (state = 'open' OR (closedBy IS NOT NULL AND closedAt IS NOT NULL)),
      CONSTRAINT round_json CHECK (JSON_VALID(bikeIds) AND JSON_VALID(people) AND JSON_VALID(undone)), CONSTRAINT round_of_bikes CHECK (JSON_LENGTH(bikeIds) > 0))`,
  },
  {
    name: 'StandingRound',
    sql: `CREATE TABLE standing_round (id ${ID} NOT NULL PRIMARY KEY, siteId ${ID} NOT NULL, name VARCHAR(80) NOT NULL, checklistKey ${WORD} NULL, rule LONGTEXT NOT NULL, people LONGTEXT NOT NULL, doneBy ${WORD} NOT NULL, active TINYINT NOT NULL, version INT NOT NULL,
      CONSTRAINT standing_round_site FOREIGN KEY (siteId) REFERENCES site (id), CONSTRAINT standing_round_json CHECK (JSON_VALID(rule) AND JSON_VALID(people)))`,
  },
  {
    name: 'BikeWait',
    sql: `CREATE TABLE bike_wait (id ${ID} NOT NULL PRIMARY KEY, bikeId ${ID} NOT NULL, wait LONGTEXT NOT NULL, dueAt ${MOMENT} NULL, outings INT NULL, outingsUsed INT NOT NULL, raisedAt ${MOMENT} NULL, endedAt ${MOMENT} NULL,
      INDEX bike_wait_bike (bikeId, endedAt), INDEX bike_wait_due (endedAt, raisedAt, dueAt), CONSTRAINT bike_wait_of_bike FOREIGN KEY (bikeId) REFERENCES bike (id), CONSTRAINT bike_wait_json CHECK (JSON_VALID(wait)),
      CONSTRAINT bike_wait_has_end CHECK (dueAt IS NOT NULL OR outings IS NOT NULL))`,
  },
  {
    name: 'Outing',
    sql: `CREATE TABLE outing (id ${ID} NOT NULL PRIMARY KEY, bikeId ${ID} NOT NULL, at ${MOMENT} NOT NULL, INDEX outing_bike (bikeId, at), CONSTRAINT outing_of_bike FOREIGN KEY (bikeId) REFERENCES bike (id))`,
  },
  {
    name: 'OutingsSoFar',
    sql: "INSERT INTO outing SELECT id, bikeId, happenedAt FROM entry WHERE kind = 'bike.moved' AND JSON_VALUE(body, '$.to') = 'out'",
  },
  {
    name: 'BikeReading',
    sql: `CREATE TABLE bike_reading (id ${ID} NOT NULL PRIMARY KEY, checkId ${ID} NOT NULL, bikeId ${ID} NOT NULL, checkpoint ${WORD} NOT NULL, position ${WORD} NOT NULL, measure ${WORD} NOT NULL, method VARCHAR(40) NULL, taken LONGTEXT NOT NULL, better ${WORD} NULL, at ${MOMENT} NOT NULL,
      INDEX bike_reading_bike (bikeId, measure), INDEX bike_reading_measure (measure, at), INDEX bike_reading_check (checkId), CONSTRAINT bike_reading_of_check FOREIGN KEY (checkId) REFERENCES bike_check (id),
      CONSTRAINT bike_reading_json CHECK (JSON_VALID(taken)), CONSTRAINT bike_reading_some CHECK (JSON_LENGTH(taken) > 0))`,
  },
  // Of what was read before; a rebuild leaves out what was said otherwise after.
  {
    name: 'BikeReadingsSoFar',
    sql: `INSERT INTO bike_reading SELECT m.id, m.checkId, c.bikeId, m.checkpoint, m.position, JSON_VALUE(m.reading, '$.measure'), JSON_VALUE(m.reading, '$.method'), JSON_EXTRACT(m.reading, '$.values'), JSON_VALUE(m.reading, '$.better'), m.at
      FROM mark m JOIN bike_check c ON c.id = m.checkId WHERE c.state = 'signed' AND m.reading IS NOT NULL AND m.word <> 'withdrawn'`,
  },
  {
    name: 'Photo',
    sql: `CREATE TABLE photo (id ${ID} NOT NULL PRIMARY KEY, bikeId ${ID} NOT NULL, checkId ${ID} NULL, checkpoint ${WORD} NOT NULL, position ${WORD} NOT NULL, author ${ID} NOT NULL, at ${MOMENT} NOT NULL,
      width INT NOT NULL, height INT NOT NULL, hash ${HASH} NOT NULL, shapes LONGTEXT NOT NULL, whole MEDIUMBLOB NOT NULL, small MEDIUMBLOB NOT NULL,
      INDEX photo_bike (bikeId, at), INDEX photo_look (bikeId, checkpoint, position, at), CONSTRAINT photo_shapes_json CHECK (JSON_VALID(shapes)),
      CONSTRAINT photo_kept_small CHECK (LENGTH(whole) BETWEEN 1 AND 1500000 AND LENGTH(small) BETWEEN 1 AND 200000), CONSTRAINT photo_sides CHECK (width BETWEEN 1 AND 1600 AND height BETWEEN 1 AND 1600))`,
  },
  {
    name: 'Incident',
    sql: `CREATE TABLE incident (id ${ID} NOT NULL PRIMARY KEY, bikeId ${ID} NOT NULL, kind ${WORD} NOT NULL, at ${MOMENT} NOT NULL, \`by\` ${ID} NOT NULL, note VARCHAR(400) NOT NULL, INDEX incident_bike (bikeId, at),
      CONSTRAINT incident_of_bike FOREIGN KEY (bikeId) REFERENCES bike (id), CONSTRAINT incident_kind ${oneOf('kind', 'crash', 'transport', 'immersion')})`,
  },
  {
    name: 'StockItem',
    sql: `CREATE TABLE stock_item (id ${ID} NOT NULL PRIMARY KEY, kind ${WORD} NOT NULL, name VARCHAR(80) NOT NULL, facts LONGTEXT NOT NULL, modelIds LONGTEXT NOT NULL, markings LONGTEXT NOT NULL, onHand INT NOT NULL, least INT NOT NULL,
      price INT NOT NULL, leadDays INT NOT NULL, supplier VARCHAR(80) NOT NULL, version INT NOT NULL, CONSTRAINT stock_item_json CHECK (JSON_VALID(facts) AND JSON_VALID(modelIds) AND JSON_VALID(markings)),
      CONSTRAINT stock_item_not_below_nothing CHECK (onHand >= 0), CONSTRAINT stock_item_numbers CHECK (least >= 0 AND price >= 0 AND leadDays >= 0))`,
  },
  {
    name: 'RepairPlanned',
    sql: `ALTER TABLE repair ADD COLUMN plan LONGTEXT NOT NULL DEFAULT '{"needs":[],"personId":null,"stand":"","waits":null}', ADD COLUMN used LONGTEXT NOT NULL DEFAULT '[]', ADD COLUMN torques LONGTEXT NOT NULL DEFAULT '[]',
      ADD INDEX repair_done (doneAt), ADD CONSTRAINT repair_json CHECK (JSON_VALID(plan) AND JSON_VALID(used) AND JSON_VALID(torques))`,
  },
  {
    name: 'RepairPlannedSaid',
    sql: 'ALTER TABLE repair ALTER COLUMN plan DROP DEFAULT, ALTER COLUMN used DROP DEFAULT, ALTER COLUMN torques DROP DEFAULT',
  },
  { name: 'HangTag', sql: 'ALTER TABLE hold ADD COLUMN hangTag VARCHAR(40) NULL' },
  {
    name: 'Intake',
    sql: `CREATE TABLE intake (id ${ID} NOT NULL PRIMARY KEY, bikeId ${ID} NOT NULL, \`from\` VARCHAR(120) NOT NULL, asking INT NOT NULL, worth INT NOT NULL, prices LONGTEXT NOT NULL, state ${WORD} NOT NULL, reason VARCHAR(400) NOT NULL,
      openedBy ${ID} NOT NULL, openedAt ${MOMENT} NOT NULL, decidedBy ${ID} NULL, decidedAt ${MOMENT} NULL, INDEX intake_bike (bikeId, state), CONSTRAINT intake_of_bike FOREIGN KEY (bikeId) REFERENCES bike (id),
      CONSTRAINT intake_json CHECK (JSON_VALID(prices)), CONSTRAINT intake_state ${oneOf('state', 'open', 'accepted', 'declined')}, CONSTRAINT intake_decided_whole CHECK ((state = 'open') = (decidedBy IS NULL)),
      CONSTRAINT intake_money CHECK (asking >= 0 AND worth >= 0))`,
  },
  {
    name: 'FindingOpenedAt',
    sql: `ALTER TABLE finding ADD COLUMN openedAt ${MOMENT} NOT NULL DEFAULT '1970-01-01', DROP INDEX finding_bike, ADD INDEX finding_bike (bikeId, state, openedAt)`,
  },
  {
    name: 'FindingsOpenedSoFar',
    sql: "UPDATE finding SET openedAt = TIMESTAMPADD(MICROSECOND, JSON_VALUE(finding, '$.openedAt') * 1000, '1970-01-01 00:00:00.000')",
  },
  { name: 'FindingOpenedSaid', sql: 'ALTER TABLE finding ALTER COLUMN openedAt DROP DEFAULT' },
];

import type { QueryRunner } from 'typeorm';
import { HASH, ID, MOMENT, TABLES } from './baseline';

const WORD = 'VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin';

/** One change of the database's shape. Steps are only ever added; this database cannot take one back. */
export interface Step {
  readonly name: string;
  readonly take: (runner: QueryRunner) => Promise<void>;
}

/** An empty database as this program wants it. Begun again after a kill, it goes on where it was. */
const baseline: Step = {
  name: 'Baseline',
  async take(runner) {
    for (const { name, columns } of TABLES)
      await runner.query(`CREATE TABLE IF NOT EXISTS \`${name}\` (${columns})`);
  },
};

/** A code the lead gives out is good for one sign-in. */
const oneTimeSecrets: Step = {
  name: 'OneTimeSecrets',
  async take(runner) {
    await runner.query('ALTER TABLE credential ADD COLUMN IF NOT EXISTS oneTime TINYINT NOT NULL DEFAULT 0');
    await runner.query('ALTER TABLE credential ALTER COLUMN oneTime DROP DEFAULT');
  },
};

/** Who said something is shown by a key of theirs: the keys, what was signed with each, and where it was ended. */
const provenAuthors: Step = {
  name: 'ProvenAuthors',
  async take(runner) {
    await runner.query(`CREATE TABLE IF NOT EXISTS writer (
      id ${ID} NOT NULL,
      personId ${ID} NOT NULL,
      publicKey VARCHAR(130) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      boundAt ${MOMENT} NOT NULL,
      PRIMARY KEY (id),
      INDEX writer_person (personId))`);
    await runner.query(`CREATE TABLE IF NOT EXISTS writer_end (
      writerId ${ID} NOT NULL,
      counter BIGINT NOT NULL,
      endedAt ${MOMENT} NOT NULL,
      PRIMARY KEY (writerId))`);
    await runner.query(`CREATE TABLE IF NOT EXISTS signed_item (
      writerId ${ID} NOT NULL,
      counter BIGINT NOT NULL,
      previous ${HASH} NOT NULL,
      hash ${HASH} NOT NULL,
      itemId ${ID} NOT NULL,
      PRIMARY KEY (writerId, counter),
      UNIQUE INDEX signed_item_previous (writerId, previous))`);
    await runner.query(`ALTER TABLE mark
      ADD COLUMN IF NOT EXISTS writerId ${ID} NULL,
      ADD COLUMN IF NOT EXISTS counter BIGINT NULL,
      ADD COLUMN IF NOT EXISTS deliveredBy ${ID} NULL,
      ADD COLUMN IF NOT EXISTS proof LONGTEXT NULL`);
    await runner.query(`ALTER TABLE session ADD COLUMN IF NOT EXISTS writerId ${ID} NULL`);
  },
};

/** A stop holds from the mark: which were marked in checks under way, and which holds are there for them alone. */
const markedStops: Step = {
  name: 'MarkedStops',
  async take(runner) {
    await runner.query(`CREATE TABLE IF NOT EXISTS marked_stop (
      id ${ID} NOT NULL,
      bikeId ${ID} NOT NULL,
      checkId ${ID} NOT NULL,
      author ${ID} NOT NULL,
      finding LONGTEXT NOT NULL,
      PRIMARY KEY (id),
      INDEX marked_stop_bike (bikeId),
      INDEX marked_stop_check (checkId),
      CONSTRAINT marked_stop_json CHECK (JSON_VALID(finding)))`);
    await runner.query('ALTER TABLE hold ADD COLUMN IF NOT EXISTS draft TINYINT NOT NULL DEFAULT 0');
    await runner.query('ALTER TABLE hold ALTER COLUMN draft DROP DEFAULT');
  },
};

/** What a device says of the time is evidence: when a signature was recorded, when a bike last changed, the latest time of each chain. */
const recordedTimes: Step = {
  name: 'RecordedTimes',
  async take(runner) {
    await runner.query(`ALTER TABLE chain_head ADD COLUMN IF NOT EXISTS recordedUntil ${MOMENT} NULL`);
    await runner.query(
      'UPDATE chain_head h SET recordedUntil = COALESCE((SELECT MAX(e.recordedAt) FROM entry e WHERE e.chain = h.chain), FROM_UNIXTIME(0)) WHERE recordedUntil IS NULL',
    );
    await runner.query(`ALTER TABLE chain_head MODIFY COLUMN recordedUntil ${MOMENT} NOT NULL`);
    await runner.query(`ALTER TABLE bike_check ADD COLUMN IF NOT EXISTS recordedAt ${MOMENT} NULL`);
    await runner.query('UPDATE bike_check SET recordedAt = signedAt WHERE recordedAt IS NULL');
    await runner.query(`ALTER TABLE mark ADD COLUMN IF NOT EXISTS recordedAt ${MOMENT} NULL`);
    await runner.query(`CREATE TABLE IF NOT EXISTS bike_disturbed (
      bikeId ${ID} NOT NULL,
      at ${MOMENT} NOT NULL,
      PRIMARY KEY (bikeId))`);
  },
};

/** What bikes are or were called, so that none comes back clean under its old tag or serial number. */
const bikeNames: Step = {
  name: 'BikeNames',
  async take(runner) {
    await runner.query(`CREATE TABLE IF NOT EXISTS bike_name (
      bikeId ${ID} NOT NULL,
      kind VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      name VARCHAR(60) NOT NULL,
      PRIMARY KEY (bikeId, kind, name),
      INDEX bike_name_name (name))`);
    await runner.query("INSERT IGNORE INTO bike_name SELECT id, 'tag', tag FROM bike");
    await runner.query(
      "INSERT IGNORE INTO bike_name SELECT id, 'serial', serial FROM bike WHERE serial <> ''",
    );
  },
};

/** Every entry is signed by the server with a key outside the database. */
const signedEntries: Step = {
  name: 'SignedEntries',
  async take(runner) {
    await runner.query(
      'ALTER TABLE entry ADD COLUMN IF NOT EXISTS signature VARCHAR(86) CHARACTER SET ascii COLLATE ascii_bin NULL',
    );
  },
};

/** People see where they are signed in. */
const deviceKinds: Step = {
  name: 'DeviceKinds',
  async take(runner) {
    await runner.query(
      "ALTER TABLE session ADD COLUMN IF NOT EXISTS kind VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT 'computer'",
    );
    await runner.query('ALTER TABLE session ALTER COLUMN kind DROP DEFAULT');
  },
};

/** What was fixed is found without reading all that was sound. */
const marksByOutcome: Step = {
  name: 'MarksByOutcome',
  async take(runner) {
    await runner.query('ALTER TABLE mark ADD INDEX IF NOT EXISTS mark_check_outcome (checkId, outcome)');
    await runner.query('ALTER TABLE mark DROP INDEX IF EXISTS mark_check');
  },
};

/** A person's names are kept in the record under a key that can be destroyed. */
const nameKeys: Step = {
  name: 'NameKeys',
  async take(runner) {
    await runner.query(`CREATE TABLE IF NOT EXISTS name_key (
      personId ${ID} NOT NULL,
      secret VARCHAR(43) NOT NULL,
      PRIMARY KEY (personId))`);
    await runner.query('ALTER TABLE person ADD COLUMN IF NOT EXISTS nameless BOOLEAN NOT NULL DEFAULT 0');
    await runner.query('ALTER TABLE person ALTER COLUMN nameless DROP DEFAULT');
  },
};

/** A short number signs a person in on a browser they know, for some acts. */
const quickPins: Step = {
  name: 'QuickPins',
  async take(runner) {
    await runner.query(`CREATE TABLE IF NOT EXISTS quick_pin (
      personId ${ID} NOT NULL,
      device VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      hash VARCHAR(255) NOT NULL,
      failures INT NOT NULL,
      PRIMARY KEY (personId, device))`);
    await runner.query('ALTER TABLE session ADD COLUMN IF NOT EXISTS quick BOOLEAN NOT NULL DEFAULT 0');
    await runner.query('ALTER TABLE session ALTER COLUMN quick DROP DEFAULT');
  },
};

/** How far the demo's clock is behind the machine's, so that a demo begun in the afternoon shows its morning. */
const demoClock: Step = {
  name: 'DemoClock',
  async take(runner) {
    await runner.query(`CREATE TABLE IF NOT EXISTS demo_clock (
      one TINYINT NOT NULL,
      behindMs BIGINT NOT NULL,
      PRIMARY KEY (one))`);
  },
};

/** What was last done to each bike, what its computer stands at, and which of its services fall due when. */
const services: Step = {
  name: 'Services',
  async take(runner) {
    await runner.query(`CREATE TABLE IF NOT EXISTS bike_done (
      bikeId ${ID} NOT NULL,
      what VARCHAR(160) NOT NULL,
      at ${MOMENT} NOT NULL,
      PRIMARY KEY (bikeId, what))`);
    await runner.query(`CREATE TABLE IF NOT EXISTS odometer (
      id ${ID} NOT NULL,
      bikeId ${ID} NOT NULL,
      km VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      at ${MOMENT} NOT NULL,
      readBy ${ID} NULL,
      PRIMARY KEY (id),
      INDEX odometer_bike (bikeId, at))`);
    await runner.query(`CREATE TABLE IF NOT EXISTS bike_service (
      bikeId ${ID} NOT NULL,
      born ${MOMENT} NOT NULL,
      due LONGTEXT NOT NULL,
      PRIMARY KEY (bikeId),
      CONSTRAINT bike_service_json CHECK (JSON_VALID(due)))`);
    // Nobody asks the database when the clock alone changes a bike's fitness: whoever shows it knows.
    await runner.query(
      'ALTER TABLE bike_state DROP INDEX IF EXISTS bike_state_next, DROP COLUMN IF EXISTS nextChangeAt',
    );
    // What passed in checks signed before, where nothing else was said of it in the same check: without it all that has an interval would be
    // overdue at once.
    await runner.query(
      "INSERT IGNORE INTO bike_done SELECT c.bikeId, CONCAT('pass:', m.checkpoint, '@', m.position), MAX(m.at) FROM mark m JOIN bike_check c ON c.id = m.checkId WHERE c.state = 'signed' AND c.awaitsCoSign = 0 AND m.outcome IN ('pass', 'fixed') AND NOT EXISTS (SELECT 1 FROM mark n WHERE n.checkId = m.checkId AND n.checkpoint = m.checkpoint AND n.position = m.position AND n.outcome NOT IN ('pass', 'fixed')) GROUP BY c.bikeId, m.checkpoint, m.position",
    );
    await runner.query(
      "INSERT IGNORE INTO bike_done SELECT f.bikeId, CONCAT('part:', p.kind), MAX(f.fittedAt) FROM fitment f JOIN part p ON p.id = f.partId WHERE NOT EXISTS (SELECT 1 FROM fitment g WHERE g.partId = f.partId AND (g.fittedAt < f.fittedAt OR (g.fittedAt = f.fittedAt AND g.id < f.id))) GROUP BY f.bikeId, p.kind",
    );
    await runner.query(
      "INSERT IGNORE INTO bike_done SELECT r.bikeId, CONCAT('work:', w.touch), MAX(r.doneAt) FROM repair r JOIN JSON_TABLE(r.touched, '$[*]' COLUMNS (touch VARCHAR(60) PATH '$.touch')) w WHERE r.doneAt IS NOT NULL GROUP BY r.bikeId, w.touch",
    );
  },
};

/** The days each site opens on, besides its usual time. */
const openingDays: Step = {
  name: 'OpeningDays',
  async take(runner) {
    await runner.query(
      `ALTER TABLE site ADD COLUMN IF NOT EXISTS opening LONGTEXT NOT NULL DEFAULT '{"closedOn":[],"exceptions":[]}'`,
    );
    await runner.query('ALTER TABLE site ALTER COLUMN opening DROP DEFAULT');
    await runner.query('ALTER TABLE site ADD CONSTRAINT IF NOT EXISTS site_json CHECK (JSON_VALID(opening))');
  },
};

/** What a check begun by exposure asks, and what rests. */
const checkExposures: Step = {
  name: 'CheckExposures',
  async take(runner) {
    await runner.query('ALTER TABLE bike_check ADD COLUMN IF NOT EXISTS exposure LONGTEXT NULL');
    await runner.query(
      'ALTER TABLE bike_check ADD CONSTRAINT IF NOT EXISTS check_exposure_json CHECK (exposure IS NULL OR JSON_VALID(exposure))',
    );
  },
};

/** Where calendar programs read what a site has to do. */
const calendarAddresses: Step = {
  name: 'CalendarAddresses',
  async take(runner) {
    await runner.query(`CREATE TABLE IF NOT EXISTS calendar_address (
      id ${ID} NOT NULL,
      personId ${ID} NOT NULL,
      siteId ${ID} NOT NULL,
      tokenHash ${HASH} NOT NULL,
      madeAt ${MOMENT} NOT NULL,
      PRIMARY KEY (id),
      UNIQUE INDEX calendar_address_token (tokenHash))`);
  },
};

/** Events the bikes are made ready for. */
const eventPreps: Step = {
  name: 'EventPreps',
  async take(runner) {
    await runner.query(`CREATE TABLE IF NOT EXISTS event_prep (
      id ${ID} NOT NULL,
      siteId ${ID} NOT NULL,
      name VARCHAR(80) NOT NULL,
      startsAt ${MOMENT} NOT NULL,
      bikeIds LONGTEXT NOT NULL,
      people LONGTEXT NOT NULL,
      steps LONGTEXT NOT NULL,
      calledOff TINYINT NOT NULL,
      version INT NOT NULL,
      PRIMARY KEY (id),
      INDEX event_prep_starts (calledOff, startsAt),
      CONSTRAINT event_prep_json CHECK (JSON_VALID(bikeIds) AND JSON_VALID(people) AND JSON_VALID(steps)))`);
  },
};

/** Who does what on a day, and fleets to be done by a date. */
const plans: Step = {
  name: 'Plans',
  async take(runner) {
    await runner.query(`CREATE TABLE IF NOT EXISTS day_plan (
      id ${ID} NOT NULL,
      siteId ${ID} NOT NULL,
      day ${WORD} NOT NULL,
      plan LONGTEXT NOT NULL,
      madeBy ${ID} NOT NULL,
      madeAt ${MOMENT} NOT NULL,
      version INT NOT NULL,
      PRIMARY KEY (id),
      UNIQUE INDEX day_plan_of (siteId, day),
      CONSTRAINT day_plan_json CHECK (JSON_VALID(plan)))`);
    await runner.query(`CREATE TABLE IF NOT EXISTS campaign (
      id ${ID} NOT NULL,
      siteId ${ID} NOT NULL,
      name VARCHAR(80) NOT NULL,
      checklistKey ${WORD} NOT NULL,
      byDay ${WORD} NOT NULL,
      plan LONGTEXT NOT NULL,
      madeBy ${ID} NOT NULL,
      madeAt ${MOMENT} NOT NULL,
      ended TINYINT NOT NULL,
      version INT NOT NULL,
      PRIMARY KEY (id),
      CONSTRAINT campaign_json CHECK (JSON_VALID(plan)))`);
  },
};

/** With whom a bike was out, when it came back and how. */
const outings: Step = {
  name: 'Outings',
  async take(runner) {
    await runner.query(`ALTER TABLE outing
      ADD COLUMN IF NOT EXISTS groupId ${ID} NULL,
      ADD COLUMN IF NOT EXISTS groupName VARCHAR(80) NOT NULL DEFAULT '',
      ADD COLUMN IF NOT EXISTS dueBackAt ${MOMENT} NULL,
      ADD COLUMN IF NOT EXISTS backAt ${MOMENT} NULL,
      ADD COLUMN IF NOT EXISTS way ${WORD} NULL,
      ADD COLUMN IF NOT EXISTS conditions ${WORD} NULL,
      ADD COLUMN IF NOT EXISTS km ${WORD} NULL,
      ADD COLUMN IF NOT EXISTS returnCause ${WORD} NULL`);
    await runner.query('ALTER TABLE outing ALTER COLUMN groupName DROP DEFAULT');
    // When each was over, as the record has it: the first time after it that its bike came back.
    await runner.query(`UPDATE outing o JOIN entry s ON s.id = o.id SET o.backAt = (
      SELECT e.happenedAt FROM entry e WHERE e.bikeId = o.bikeId AND e.kind = 'bike.moved' AND JSON_VALUE(e.body, '$.from') = 'out'
        AND JSON_VALUE(e.body, '$.to') <> 'out' AND (e.recordedAt > s.recordedAt OR (e.chain = s.chain AND e.seq > s.seq))
      ORDER BY e.recordedAt, e.seq LIMIT 1)`);
  },
};

/** Codes on labels, and what riders report behind them. The table of codes decided on first never had a row. */
const labelsAndReports: Step = {
  name: 'LabelsAndReports',
  async take(runner) {
    await runner.query('DROP TABLE IF EXISTS tag_code');
    await runner.query(`CREATE TABLE IF NOT EXISTS label_code (
      code ${WORD} NOT NULL,
      kind ${WORD} NOT NULL,
      subjectId ${ID} NOT NULL,
      madeAt ${MOMENT} NOT NULL,
      revokedAt ${MOMENT} NULL,
      PRIMARY KEY (code),
      INDEX label_code_subject (subjectId))`);
    await runner.query(`CREATE TABLE IF NOT EXISTS report (
      id ${ID} NOT NULL,
      bikeId ${ID} NOT NULL,
      zone ${WORD} NULL,
      fault ${WORD} NOT NULL,
      canRide TINYINT NOT NULL,
      holds TINYINT NOT NULL,
      note VARCHAR(2000) NOT NULL,
      at ${MOMENT} NOT NULL,
      toldBy ${ID} NULL,
      sealedName VARCHAR(400) NOT NULL,
      times INT NOT NULL,
      photoHash ${HASH} NULL,
      state ${WORD} NOT NULL,
      dealtBy ${ID} NULL,
      dealtAt ${MOMENT} NULL,
      reason VARCHAR(400) NOT NULL,
      PRIMARY KEY (id),
      INDEX report_bike (bikeId, state),
      CONSTRAINT report_of_bike FOREIGN KEY (bikeId) REFERENCES bike (id))`);
    await runner.query(`CREATE TABLE IF NOT EXISTS report_photo (
      reportId ${ID} NOT NULL,
      hash ${HASH} NOT NULL,
      width INT NOT NULL,
      height INT NOT NULL,
      whole MEDIUMBLOB NOT NULL,
      small MEDIUMBLOB NOT NULL,
      PRIMARY KEY (reportId))`);
    await runner.query(`CREATE TABLE IF NOT EXISTS rider_key (
      reportId ${ID} NOT NULL,
      secret VARCHAR(43) NOT NULL,
      madeAt ${MOMENT} NOT NULL,
      PRIMARY KEY (reportId))`);
    await runner.query(`CREATE TABLE IF NOT EXISTS report_queue (
      \`key\` VARCHAR(160) NOT NULL,
      id ${ID} NOT NULL,
      bikeId ${ID} NOT NULL,
      said LONGTEXT NOT NULL,
      times INT NOT NULL,
      at ${MOMENT} NOT NULL,
      PRIMARY KEY (\`key\`))`);
    await runner.query(`CREATE TABLE IF NOT EXISTS report_rate (
      \`key\` VARCHAR(120) NOT NULL,
      sent INT NOT NULL,
      since ${MOMENT} NOT NULL,
      PRIMARY KEY (\`key\`))`);
  },
};

/** What is lent besides bikes. */
const kit: Step = {
  name: 'Kit',
  take: (runner) =>
    runner.query(`CREATE TABLE IF NOT EXISTS kit_item (
      id ${ID} NOT NULL,
      siteId ${ID} NOT NULL,
      kind ${WORD} NOT NULL,
      tag VARCHAR(20) NOT NULL,
      size VARCHAR(20) NOT NULL,
      contents LONGTEXT NOT NULL,
      expiresOn ${WORD} NULL,
      whereabouts ${WORD} NOT NULL,
      groupId ${ID} NULL,
      groupName VARCHAR(80) NOT NULL,
      since ${MOMENT} NULL,
      missing LONGTEXT NOT NULL,
      damp TINYINT NOT NULL,
      impactOn ${WORD} NULL,
      withdrawn VARCHAR(400) NULL,
      inspectedBy ${ID} NULL,
      inspectedAt ${MOMENT} NULL,
      version INT NOT NULL,
      PRIMARY KEY (id),
      UNIQUE INDEX kit_item_tag (tag),
      INDEX kit_item_group (groupId),
      CONSTRAINT kit_item_of_site FOREIGN KEY (siteId) REFERENCES site (id))`),
};

/** Oil or spray near brakes is an incident as well. */
const contamination: Step = {
  name: 'Contamination',
  async take(runner) {
    await runner.query('ALTER TABLE incident DROP CONSTRAINT IF EXISTS incident_kind');
    await runner.query(
      "ALTER TABLE incident ADD CONSTRAINT incident_kind CHECK (kind IN ('crash','transport','immersion','contamination'))",
    );
  },
};

/** Searches for a cause, and holes in tubes. */
const tracing: Step = {
  name: 'Tracing',
  async take(runner) {
    await runner.query(`CREATE TABLE IF NOT EXISTS trace_run (
      id ${ID} NOT NULL,
      bikeId ${ID} NOT NULL,
      trace ${WORD} NOT NULL,
      position ${WORD} NOT NULL,
      origin LONGTEXT NOT NULL,
      state ${WORD} NOT NULL,
      answers LONGTEXT NOT NULL,
      refuted LONGTEXT NOT NULL,
      cause ${WORD} NULL,
      result ${WORD} NULL,
      findingId ${ID} NULL,
      note VARCHAR(400) NOT NULL,
      holding LONGTEXT NOT NULL,
      proved TINYINT NOT NULL,
      beganBy ${ID} NOT NULL,
      beganAt ${MOMENT} NOT NULL,
      changedBy ${ID} NOT NULL,
      changedAt ${MOMENT} NOT NULL,
      version INT NOT NULL,
      PRIMARY KEY (id),
      INDEX trace_run_bike (bikeId, beganAt),
      INDEX trace_run_state (state, changedAt),
      INDEX trace_run_proved (proved, trace),
      CONSTRAINT trace_run_of_bike FOREIGN KEY (bikeId) REFERENCES bike (id),
      CONSTRAINT trace_run_state_known CHECK (state IN ('open','ended','closed')))`);
    await runner.query(`CREATE TABLE IF NOT EXISTS puncture (
      id ${ID} NOT NULL,
      bikeId ${ID} NOT NULL,
      position ${WORD} NOT NULL,
      hour INT NOT NULL,
      cause ${WORD} NOT NULL,
      at ${MOMENT} NOT NULL,
      PRIMARY KEY (id),
      INDEX puncture_bike (bikeId, at),
      CONSTRAINT puncture_of_bike FOREIGN KEY (bikeId) REFERENCES bike (id),
      CONSTRAINT puncture_hour CHECK (hour BETWEEN 1 AND 12))`);
  },
};

/** Tools and instruments, and what was measured with which. */
const equipment: Step = {
  name: 'Equipment',
  async take(runner) {
    await runner.query(`CREATE TABLE IF NOT EXISTS equipment (
      id ${ID} NOT NULL,
      siteId ${ID} NOT NULL,
      tag VARCHAR(20) NOT NULL,
      serial VARCHAR(40) NOT NULL,
      fields LONGTEXT NOT NULL,
      state LONGTEXT NOT NULL,
      doubts LONGTEXT NOT NULL,
      version INT NOT NULL,
      PRIMARY KEY (id),
      UNIQUE INDEX equipment_tag (tag),
      CONSTRAINT equipment_of_site FOREIGN KEY (siteId) REFERENCES site (id))`);
    await runner.query(`CREATE TABLE IF NOT EXISTS instrument_use (
      id VARCHAR(80) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      equipmentId ${ID} NOT NULL,
      bikeId ${ID} NOT NULL,
      what VARCHAR(140) NOT NULL,
      typed VARCHAR(200) NOT NULL,
      at ${MOMENT} NOT NULL,
      PRIMARY KEY (id),
      INDEX instrument_use_of (equipmentId, at),
      INDEX instrument_use_bike (bikeId))`);
  },
};

/** Recordings of noises. */
const sounds: Step = {
  name: 'Sounds',
  take: (runner) =>
    runner.query(`CREATE TABLE IF NOT EXISTS sound_note (
      id ${ID} NOT NULL,
      bikeId ${ID} NOT NULL,
      author ${ID} NOT NULL,
      at ${MOMENT} NOT NULL,
      container ${WORD} NOT NULL,
      seconds DOUBLE NOT NULL,
      gear VARCHAR(40) NOT NULL,
      doing VARCHAR(120) NOT NULL,
      hash ${HASH} NOT NULL,
      sound MEDIUMBLOB NOT NULL,
      PRIMARY KEY (id),
      INDEX sound_note_bike (bikeId, at),
      CONSTRAINT sound_note_of_bike FOREIGN KEY (bikeId) REFERENCES bike (id),
      CONSTRAINT sound_note_small CHECK (OCTET_LENGTH(sound) BETWEEN 1 AND 256000))`),
};

export const STEPS: readonly Step[] = [
  baseline,
  oneTimeSecrets,
  provenAuthors,
  markedStops,
  recordedTimes,
  bikeNames,
  signedEntries,
  deviceKinds,
  marksByOutcome,
  nameKeys,
  quickPins,
  demoClock,
  services,
  openingDays,
  checkExposures,
  calendarAddresses,
  eventPreps,
  plans,
  outings,
  labelsAndReports,
  kit,
  contamination,
  tracing,
  equipment,
  sounds,
];

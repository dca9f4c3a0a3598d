-- The schema of revision 0013, as a new kitchen gets it.

CREATE TABLE dish (
  id INTEGER NOT NULL,
  name VARCHAR NOT NULL,
  original_name VARCHAR NOT NULL,
  source_note VARCHAR NOT NULL,
  serving_g FLOAT,
  kcal FLOAT,
  protein_g FLOAT,
  carbohydrate_g FLOAT,
  fat_g FLOAT,
  version INTEGER NOT NULL,
  created_at DATETIME NOT NULL, original_from VARCHAR DEFAULT 'figures' NOT NULL, reference VARCHAR, set_aside_at DATETIME, removed_at DATETIME, tags JSON DEFAULT '[]' NOT NULL,
  PRIMARY KEY (id)
);

CREATE TABLE food (
  id INTEGER NOT NULL,
  name VARCHAR NOT NULL,
  created_at DATETIME NOT NULL,
  facts JSON DEFAULT '{}' NOT NULL,
  typical BOOLEAN DEFAULT '0' NOT NULL,
  version INTEGER DEFAULT '1' NOT NULL,
  used_at DATETIME,
  removed_at DATETIME,
  kind VARCHAR DEFAULT 'other' NOT NULL,
  PRIMARY KEY (id)
);

CREATE TABLE setting (
  "key" VARCHAR NOT NULL,
  value JSON,
  PRIMARY KEY ("key")
);

CREATE TABLE label (
  id INTEGER NOT NULL,
  food_id INTEGER NOT NULL,
  version INTEGER NOT NULL,
  created_at DATETIME NOT NULL,
  removed_at DATETIME,
  PRIMARY KEY (id),
  FOREIGN KEY(food_id) REFERENCES food (id)
);

CREATE TABLE batch (
  id INTEGER NOT NULL,
  trial_id INTEGER NOT NULL,
  portions INTEGER NOT NULL,
  hands_free BOOLEAN NOT NULL,
  imported JSON,
  version INTEGER NOT NULL,
  started_at DATETIME NOT NULL,
  closed_at DATETIME,
  free BOOLEAN DEFAULT '0' NOT NULL,
  nudge INTEGER DEFAULT '0' NOT NULL,
  original JSON,
  steps JSON,
  dividing JSON DEFAULT '{}' NOT NULL,
  finishes JSON DEFAULT '[]' NOT NULL,
  eaten JSON DEFAULT '{}' NOT NULL,
  set_aside_at DATETIME,
  removed_at DATETIME,
  arm_of INTEGER REFERENCES batch (id),
  arm VARCHAR DEFAULT '' NOT NULL,
  arm_differs BOOLEAN DEFAULT '0' NOT NULL,
  PRIMARY KEY (id),
  FOREIGN KEY(trial_id) REFERENCES trial (id)
);

CREATE TABLE label_revision (
  id INTEGER NOT NULL,
  label_id INTEGER NOT NULL,
  number INTEGER NOT NULL,
  panel JSON NOT NULL,
  created_at DATETIME NOT NULL,
  package JSON DEFAULT '{}' NOT NULL,
  PRIMARY KEY (id),
  FOREIGN KEY(label_id) REFERENCES label (id),
  UNIQUE (label_id, number)
);

CREATE TABLE pending_line (
  id INTEGER NOT NULL,
  trial_id INTEGER NOT NULL,
  text VARCHAR NOT NULL,
  created_at DATETIME NOT NULL,
  PRIMARY KEY (id),
  FOREIGN KEY(trial_id) REFERENCES trial (id)
);

CREATE VIRTUAL TABLE food_search USING fts5(name, aliases, packages, tokenize = "unicode61 remove_diacritics 2", prefix = '2 3');

CREATE VIRTUAL TABLE food_search_words USING fts5vocab(food_search, row);

CREATE TABLE trial (
  id INTEGER NOT NULL,
  dish_id INTEGER NOT NULL,
  letter VARCHAR NOT NULL,
  intent VARCHAR NOT NULL,
  portions INTEGER NOT NULL,
  version INTEGER NOT NULL,
  created_at DATETIME NOT NULL,
  terms JSON DEFAULT '{}' NOT NULL,
  is_original BOOLEAN DEFAULT '0' NOT NULL,
  copied_from INTEGER,
  steps JSON DEFAULT '[]' NOT NULL,
  steps_version INTEGER DEFAULT '1' NOT NULL,
  set_aside_at DATETIME,
  removed_at DATETIME,
  verdict JSON DEFAULT '{}' NOT NULL,
  verdict_version INTEGER DEFAULT '1' NOT NULL,
  PRIMARY KEY (id),
  CONSTRAINT fk_trial_copied_from FOREIGN KEY(copied_from) REFERENCES trial (id),
  FOREIGN KEY(dish_id) REFERENCES dish (id),
  UNIQUE (dish_id, letter)
);

CREATE TABLE rejected_swap (
  id INTEGER NOT NULL,
  dish_id INTEGER NOT NULL,
  swap VARCHAR NOT NULL,
  reason VARCHAR NOT NULL,
  created_at DATETIME NOT NULL,
  PRIMARY KEY (id),
  FOREIGN KEY(dish_id) REFERENCES dish (id),
  UNIQUE (dish_id, swap)
);

CREATE TABLE own_swap (
  id INTEGER NOT NULL,
  swap JSON DEFAULT '{}' NOT NULL,
  created_at DATETIME NOT NULL,
  PRIMARY KEY (id)
);

CREATE TABLE weighing (
  sequence INTEGER NOT NULL,
  id VARCHAR NOT NULL,
  batch_id INTEGER NOT NULL,
  kind VARCHAR NOT NULL,
  line INTEGER,
  piece INTEGER,
  gross_g FLOAT,
  tare_g FLOAT NOT NULL,
  tare_record VARCHAR,
  net_g FLOAT,
  low_g FLOAT,
  high_g FLOAT,
  mode VARCHAR NOT NULL,
  division_g FLOAT NOT NULL,
  stable BOOLEAN NOT NULL,
  origin VARCHAR NOT NULL,
  undoes VARCHAR,
  at DATETIME NOT NULL,
  scale VARCHAR DEFAULT 'kitchen scale' NOT NULL,
  way VARCHAR DEFAULT 'into' NOT NULL,
  bowl VARCHAR DEFAULT '' NOT NULL,
  count FLOAT,
  seen VARCHAR,
  label_id INTEGER,
  revision_id INTEGER,
  factor FLOAT,
  scope VARCHAR,
  note VARCHAR DEFAULT '' NOT NULL,
  PRIMARY KEY (sequence),
  CONSTRAINT fk_weighing_revision FOREIGN KEY(revision_id) REFERENCES label_revision (id),
  FOREIGN KEY(batch_id) REFERENCES batch (id),
  UNIQUE (id),
  FOREIGN KEY(line) REFERENCES batch_line (id)
);

CREATE TABLE cook_record (
  sequence INTEGER NOT NULL,
  id VARCHAR NOT NULL,
  batch_id INTEGER,
  deed VARCHAR NOT NULL,
  step VARCHAR,
  minutes FLOAT,
  temperature_c FLOAT,
  held_s FLOAT NOT NULL,
  oven_c FLOAT,
  note VARCHAR NOT NULL,
  undoes VARCHAR,
  at DATETIME NOT NULL,
  PRIMARY KEY (sequence),
  UNIQUE (id),
  FOREIGN KEY(batch_id) REFERENCES batch (id)
);

CREATE TABLE stock_record (
  sequence INTEGER NOT NULL,
  id VARCHAR NOT NULL,
  batch_id INTEGER NOT NULL,
  move VARCHAR NOT NULL,
  amount FLOAT,
  part VARCHAR NOT NULL,
  place VARCHAR,
  "to" VARCHAR,
  note VARCHAR NOT NULL,
  undoes VARCHAR,
  at DATETIME NOT NULL,
  PRIMARY KEY (sequence),
  UNIQUE (id),
  FOREIGN KEY(batch_id) REFERENCES batch (id)
);

CREATE TABLE line (
  id INTEGER NOT NULL,
  component_id INTEGER NOT NULL,
  position INTEGER NOT NULL,
  "key" VARCHAR NOT NULL,
  label_id INTEGER,
  of_component VARCHAR,
  target_g FLOAT NOT NULL,
  count FLOAT,
  how VARCHAR DEFAULT ('') NOT NULL,
  terms JSON DEFAULT '{}' NOT NULL,
  trial_id INTEGER NOT NULL,
  PRIMARY KEY (id),
  CONSTRAINT fk_line_trial FOREIGN KEY(trial_id) REFERENCES trial (id),
  CONSTRAINT uq_line_component_position UNIQUE (component_id, position),
  CONSTRAINT uq_line_trial_key UNIQUE (trial_id, "key"),
  FOREIGN KEY(component_id) REFERENCES component (id),
  FOREIGN KEY(label_id) REFERENCES label (id)
);

CREATE TABLE component (
  id INTEGER NOT NULL,
  trial_id INTEGER NOT NULL,
  position INTEGER NOT NULL,
  name VARCHAR NOT NULL,
  PRIMARY KEY (id),
  CONSTRAINT uq_component_position UNIQUE (trial_id, position),
  CONSTRAINT uq_component_name UNIQUE (trial_id, name),
  FOREIGN KEY(trial_id) REFERENCES trial (id)
);

CREATE TABLE batch_line (
  id INTEGER NOT NULL,
  batch_id INTEGER NOT NULL,
  position INTEGER NOT NULL,
  component VARCHAR NOT NULL,
  revision_id INTEGER,
  of_component VARCHAR,
  target_g FLOAT NOT NULL,
  count FLOAT,
  "key" VARCHAR,
  planned BOOLEAN DEFAULT '1' NOT NULL,
  bowl VARCHAR DEFAULT ('') NOT NULL,
  way VARCHAR DEFAULT 'into' NOT NULL,
  scale VARCHAR,
  poured_with INTEGER,
  until VARCHAR DEFAULT ('') NOT NULL,
  PRIMARY KEY (id),
  CONSTRAINT fk_batch_line_poured_with FOREIGN KEY(poured_with) REFERENCES batch_line (id),
  CONSTRAINT uq_batch_line_key UNIQUE (batch_id, "key"),
  FOREIGN KEY(revision_id) REFERENCES label_revision (id),
  FOREIGN KEY(batch_id) REFERENCES batch (id)
);

CREATE TABLE mended (
  id INTEGER NOT NULL,
  dish_id INTEGER NOT NULL,
  "before" JSON DEFAULT '{}' NOT NULL,
  at DATETIME NOT NULL,
  PRIMARY KEY (id),
  FOREIGN KEY(dish_id) REFERENCES dish (id)
);

CREATE TABLE sent (
  "key" VARCHAR NOT NULL,
  request VARCHAR NOT NULL,
  status INTEGER NOT NULL,
  answer BLOB NOT NULL,
  at DATETIME NOT NULL,
  PRIMARY KEY ("key")
);

CREATE TABLE dish_stamp (
  dish_id INTEGER NOT NULL,
  number INTEGER NOT NULL,
  touched INTEGER DEFAULT '0' NOT NULL,
  PRIMARY KEY (dish_id)
);

CREATE TABLE batch_stamp (
  batch_id INTEGER NOT NULL,
  number INTEGER NOT NULL,
  PRIMARY KEY (batch_id)
);

CREATE TABLE kept_dish (
  dish_id INTEGER NOT NULL,
  number INTEGER NOT NULL,
  house VARCHAR NOT NULL,
  rules VARCHAR NOT NULL,
  figures JSON DEFAULT '{}' NOT NULL,
  PRIMARY KEY (dish_id)
);

CREATE TABLE kept_batch (
  batch_id INTEGER NOT NULL,
  number INTEGER NOT NULL,
  house VARCHAR NOT NULL,
  rules VARCHAR NOT NULL,
  figures JSON DEFAULT '{}' NOT NULL,
  on_hand BOOLEAN NOT NULL,
  "before" JSON,
  PRIMARY KEY (batch_id)
);

CREATE TABLE taster (
  id INTEGER NOT NULL,
  name VARCHAR NOT NULL,
  removed_at DATETIME,
  created_at DATETIME NOT NULL,
  PRIMARY KEY (id)
);

CREATE TABLE tasting (
  sequence INTEGER NOT NULL,
  id VARCHAR NOT NULL,
  dish_id INTEGER NOT NULL,
  batch_id INTEGER,
  taster_id INTEGER NOT NULL,
  sheet JSON DEFAULT '{}' NOT NULL,
  at DATETIME NOT NULL,
  archived_at DATETIME,
  PRIMARY KEY (sequence),
  UNIQUE (id),
  FOREIGN KEY(dish_id) REFERENCES dish (id),
  FOREIGN KEY(batch_id) REFERENCES batch (id),
  FOREIGN KEY(taster_id) REFERENCES taster (id)
);

CREATE TABLE fullness_record (
  sequence INTEGER NOT NULL,
  id VARCHAR NOT NULL,
  tasting VARCHAR NOT NULL,
  after_h INTEGER NOT NULL,
  answer VARCHAR NOT NULL,
  mark VARCHAR,
  at DATETIME NOT NULL,
  PRIMARY KEY (sequence),
  UNIQUE (id),
  FOREIGN KEY(tasting) REFERENCES tasting (id)
);

CREATE TABLE photo (
  id INTEGER NOT NULL,
  sent_id VARCHAR NOT NULL,
  batch_id INTEGER NOT NULL,
  stage VARCHAR NOT NULL,
  width INTEGER NOT NULL,
  height INTEGER NOT NULL,
  jpeg BLOB NOT NULL,
  on_card BOOLEAN NOT NULL,
  at DATETIME NOT NULL,
  removed_at DATETIME,
  PRIMARY KEY (id),
  UNIQUE (sent_id),
  FOREIGN KEY(batch_id) REFERENCES batch (id)
);

CREATE TABLE rejected_proposal (
  id INTEGER NOT NULL,
  dish_id INTEGER NOT NULL,
  proposal VARCHAR NOT NULL,
  title VARCHAR DEFAULT '' NOT NULL,
  created_at DATETIME NOT NULL,
  PRIMARY KEY (id),
  UNIQUE (dish_id, proposal),
  FOREIGN KEY(dish_id) REFERENCES dish (id)
);

CREATE TABLE blind_test (
  id INTEGER NOT NULL,
  dish_id INTEGER NOT NULL,
  kind VARCHAR NOT NULL,
  name_a VARCHAR NOT NULL,
  name_b VARCHAR NOT NULL,
  "plan" JSON DEFAULT '[]' NOT NULL,
  created_at DATETIME NOT NULL,
  ended_at DATETIME,
  removed_at DATETIME,
  PRIMARY KEY (id),
  FOREIGN KEY(dish_id) REFERENCES dish (id)
);

CREATE TABLE blind_answer (
  sequence INTEGER NOT NULL,
  id VARCHAR NOT NULL,
  test_id INTEGER NOT NULL,
  seat INTEGER NOT NULL,
  code INTEGER NOT NULL,
  taster_id INTEGER,
  at DATETIME NOT NULL,
  taken_back BOOLEAN DEFAULT '0' NOT NULL,
  PRIMARY KEY (sequence),
  UNIQUE (id),
  FOREIGN KEY(test_id) REFERENCES blind_test (id),
  FOREIGN KEY(taster_id) REFERENCES taster (id)
);

CREATE TABLE trial_stamp (
  trial_id INTEGER NOT NULL,
  number INTEGER NOT NULL,
  PRIMARY KEY (trial_id)
);

CREATE TABLE kept_trial (
  trial_id INTEGER NOT NULL,
  number INTEGER NOT NULL,
  house VARCHAR NOT NULL,
  rules VARCHAR NOT NULL,
  figures JSON DEFAULT '{}' NOT NULL,
  PRIMARY KEY (trial_id)
);
CREATE INDEX ix_food_name ON food (name);
CREATE INDEX ix_label_food_id ON label (food_id);
CREATE INDEX ix_batch_trial_id ON batch (trial_id);
CREATE INDEX ix_label_revision_label_id ON label_revision (label_id);
CREATE INDEX ix_pending_line_trial_id ON pending_line (trial_id);
CREATE INDEX ix_trial_dish_id ON trial (dish_id);
CREATE INDEX ix_food_kind ON food (kind);
CREATE INDEX ix_rejected_swap_dish_id ON rejected_swap (dish_id);
CREATE INDEX ix_weighing_batch_id ON weighing (batch_id);
CREATE INDEX ix_cook_record_batch_id ON cook_record (batch_id);
CREATE INDEX ix_stock_record_batch_id ON stock_record (batch_id);
CREATE INDEX ix_line_label_id ON line (label_id);
CREATE INDEX ix_component_trial_id ON component (trial_id);
CREATE INDEX ix_batch_line_revision_id ON batch_line (revision_id);
CREATE INDEX ix_weighing_revision_id ON weighing (revision_id);
CREATE INDEX ix_cook_record_at ON cook_record (at, batch_id);
CREATE INDEX ix_mended_dish_id ON mended (dish_id);
CREATE INDEX ix_sent_at ON sent (at);
CREATE INDEX ix_dish_stamp_touched ON dish_stamp (touched);
CREATE INDEX ix_kept_batch_on_hand ON kept_batch (on_hand);
CREATE INDEX ix_tasting_dish_id ON tasting (dish_id);
CREATE INDEX ix_tasting_batch_id ON tasting (batch_id);
CREATE INDEX ix_tasting_taster_id ON tasting (taster_id);
CREATE INDEX ix_tasting_at ON tasting (at);
CREATE INDEX ix_fullness_record_tasting ON fullness_record (tasting);
CREATE INDEX ix_photo_batch_id ON photo (batch_id);
CREATE INDEX ix_rejected_proposal_dish_id ON rejected_proposal (dish_id);
CREATE INDEX ix_blind_test_dish_id ON blind_test (dish_id);
CREATE INDEX ix_blind_answer_test_id ON blind_answer (test_id);
CREATE INDEX ix_batch_arm_of ON batch (arm_of);

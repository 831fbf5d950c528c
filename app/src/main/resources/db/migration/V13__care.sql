-- How long a scion is, and what was found at it beside how it stands.
ALTER TABLE care_look ADD COLUMN length_mm DOUBLE PRECISION;
ALTER TABLE care_look ADD COLUMN found VARCHAR(400) DEFAULT '' NOT NULL;

-- Two dangers of the weather that end on different days ask for two looks of one kind.
ALTER TABLE care_visit DROP PRIMARY KEY;
ALTER TABLE care_visit ADD PRIMARY KEY (graft_id, kind, repeat_no);

-- By which rules the visits were planned last: where they are others now, all are planned anew.
CREATE TABLE care_planned (
    only_one INT DEFAULT 1 PRIMARY KEY CHECK (only_one = 1),
    by_rules VARCHAR(80) NOT NULL
);
INSERT INTO care_planned (by_rules) VALUES ('');

-- Days on which somebody walks whatever else is planned, or nobody does; and who walks.
CREATE TABLE care_walk (
    on_day DATE NOT NULL PRIMARY KEY,
    walked BOOLEAN NOT NULL,
    person_id BIGINT REFERENCES place_person (id)
);

CREATE TRIGGER trail_care_walk AFTER INSERT, UPDATE, DELETE ON care_walk FOR EACH ROW CALL "baylantern.app.platform.RowTrail";

-- What others may know of a graft: of which species its wood is, too.
CREATE OR REPLACE VIEW bench_graft_view AS
    SELECT id, code, variety_id, technique_key, stem_id, made_on, state, species_key FROM bench_graft;

-- What wood of a species told so far, and the trees of a variety, are asked for after every graft.
CREATE INDEX bench_graft_tried ON bench_graft (species_key, outcome, wood_used);
CREATE INDEX place_plant_by_variety ON place_plant (variety_id);

-- What the weather asks for is looked up by its kinds.
CREATE INDEX care_visit_by_kind ON care_visit (kind, earliest);

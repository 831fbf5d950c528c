-- Graft days are a feature of their own.
ALTER TABLE bench_day RENAME TO day_plan;
ALTER INDEX bench_day_by_no RENAME TO day_plan_by_no;

-- Who did an act; without a reference, since people too are written under acts.
ALTER TABLE house_act ADD person_id BIGINT;

-- Requests answered, so that one sent twice is done once. Written in the transaction of what it did.
CREATE TABLE house_request (
    id VARCHAR(64) PRIMARY KEY,
    asked_at TIMESTAMP WITH TIME ZONE NOT NULL,
    asked VARCHAR(2000) NOT NULL,
    status INT,
    content_type VARCHAR(100),
    body CHARACTER LARGE OBJECT
);

CREATE INDEX house_request_by_time ON house_request (asked_at);

-- What each feature lets the others read of its tables.
CREATE VIEW place_person_view AS SELECT id, name FROM place_person;
CREATE VIEW place_spot_view AS SELECT id, name, walk_order, insect_proof FROM place_spot;
CREATE VIEW place_variety_view AS SELECT id, species_key, name, letters, protected_right FROM place_variety;
CREATE VIEW place_plant_view AS
    SELECT id, code, species_key, kind, stock_kind, spot_id, walk_order, started_on, variety_id, removed_on FROM place_plant;
CREATE VIEW place_stem_view AS SELECT id, plant_id, label, diameter_mm, height_mm FROM place_stem;
CREATE VIEW lineage_source_view AS SELECT id, name FROM lineage_source;
CREATE VIEW wood_lot_view AS SELECT id, code FROM wood_lot;
CREATE VIEW bench_graft_view AS SELECT id, code, variety_id, technique_key, stem_id, made_on, state FROM bench_graft;

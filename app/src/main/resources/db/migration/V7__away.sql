-- Whether the farm owns a hand tool that cuts a V; null where nobody was asked.
ALTER TABLE place_site ADD COLUMN hand_tool BOOLEAN;

-- People, varieties and places that are no longer offered where one is chosen; what they stand for stays.
CREATE TABLE place_away (
    kind VARCHAR(20) NOT NULL,
    ref_id BIGINT NOT NULL,
    PRIMARY KEY (kind, ref_id)
);

CREATE TRIGGER trail_place_away AFTER INSERT, UPDATE, DELETE ON place_away FOR EACH ROW CALL "baylantern.app.platform.RowTrail";

-- The thickness of a stem as it was measured last, mm, where it was measured; it stands before the one it was entered with.
CREATE VIEW fit_stem_view AS
    SELECT stem_id, CAST(REGEXP_SUBSTR(readings, ':([0-9.]+)', 1, 1, NULL, 1) AS DOUBLE PRECISION) AS diameter_mm
    FROM fit_stem WHERE ended_by IS NULL;

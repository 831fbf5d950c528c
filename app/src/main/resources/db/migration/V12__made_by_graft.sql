-- Which jobs of a graft day are made: each once, and only as long as its graft is in the log. What is made keeps its day
-- from being taken back.
CREATE TABLE day_made (
    job_id BIGINT NOT NULL PRIMARY KEY REFERENCES day_job (id),
    graft_id BIGINT NOT NULL UNIQUE REFERENCES bench_graft (id) ON DELETE CASCADE,
    done_at TIMESTAMP WITH TIME ZONE NOT NULL,
    done_by BIGINT NOT NULL REFERENCES place_person (id),
    face_s INT
);

CREATE INDEX day_made_by_hand ON day_made (done_by, done_at);

INSERT INTO day_made (job_id, graft_id, done_at, done_by, face_s)
SELECT j.id, g.id, j.done_at, j.done_by, j.face_s
FROM day_job j JOIN bench_graft g ON g.code = j.graft_code
WHERE j.done_at IS NOT NULL AND j.done_by IS NOT NULL
  AND NOT EXISTS (SELECT 1 FROM day_job o WHERE o.graft_code = j.graft_code AND o.id < j.id);

DROP INDEX day_job_by_hand;
ALTER TABLE day_job DROP COLUMN graft_code;
ALTER TABLE day_job DROP COLUMN done_at;
ALTER TABLE day_job DROP COLUMN done_by;
ALTER TABLE day_job DROP COLUMN face_s;

-- What the trail tells of the columns that went is told by the graft itself: with it goes what is made.
UPDATE house_trail SET
    was = REGEXP_REPLACE(REGEXP_REPLACE(was, ',?"(graft_code|done_at|done_by|face_s)":(null|"[^"]*")', ''), '\{,', '{'),
    became = REGEXP_REPLACE(REGEXP_REPLACE(became, ',?"(graft_code|done_at|done_by|face_s)":(null|"[^"]*")', ''), '\{,', '{')
WHERE table_name = 'day_job';
DELETE FROM house_trail WHERE table_name = 'day_job' AND was = '{}';

CREATE TRIGGER trail_day_made AFTER INSERT, UPDATE, DELETE ON day_made FOR EACH ROW CALL "baylantern.app.platform.RowTrail";

-- Who changes the farm holds this row from the first change to the end of the transaction; the turn tells whether somebody
-- else has changed it meanwhile.
CREATE TABLE house_pen (
    id INT PRIMARY KEY,
    turn BIGINT NOT NULL
);

INSERT INTO house_pen (id, turn) VALUES (1, 0);

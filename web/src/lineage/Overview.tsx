import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { useSpots } from "../api/queries";
import { dated, dayAndYear, dayWords } from "../days";
import { Beside } from "../ui/Beside";
import { Field, Select } from "../ui/fields";
import { Button, Coming, PartHeading, Statement, Teach, Trouble } from "../ui/parts";
import { useSources } from "../wood/woodApi";
import { STANDING_WORDS } from "../wood/words";
import { useMoves, useRecalls } from "./lineageApi";
import { MoveForm } from "./MoveForm";

/** Recalls and holds, what is suspect, and the way into the parentage. */
export function Overview() {
  const recalls = useRecalls();
  const sources = useSources();
  const navigate = useNavigate();
  if (recalls.error) return <Trouble problem={recalls.error} />;
  if (!recalls.data || !sources.data) return <Coming what="holds and recalls" />;
  const held = recalls.data.reduce((sum, r) => sum + r.held, 0);
  const wanting = sources.data.filter(
    (s) => s.health.standing !== "CLEAN" && s.health.standing !== "UNTESTED",
  );
  return (
    <div className="flex min-h-full max-lg:flex-col">
      <section className="min-w-0 flex-1 px-[26px] py-5 max-sm:px-4">
        <Statement title={held > 0 ? `${held} held under recall` : "Nothing is held"}>
          Where wood came from and where it went; when one plant tests positive, everything it reached is
          found at once.
        </Statement>
        <div className="max-w-sm">
          <Field label="Look around a plant or source">
            <Select value="" onChange={(e) => e.target.value && navigate(`/lineage/${e.target.value}`)}>
              <option value="">choose one</option>
              {sources.data.map((s) => (
                <option key={s.key} value={s.key}>
                  {s.name}
                  {s.varietyName ? `, ${s.varietyName}` : ""}
                </option>
              ))}
            </Select>
          </Field>
        </div>
        {sources.data.length === 0 && (
          <Teach
            title="Lineage begins with a mother plant"
            action={
              <Link to="/trees">
                <Button strong>Add a plant of a variety</Button>
              </Link>
            }
          >
            Add the trees you cut wood from, and the sources outside under Wood. Every lot and graft then
            knows where it came from. For instance: mother tree, lot of twelve sticks, twelve grafts.
          </Teach>
        )}
        <PartHeading>Recalls</PartHeading>
        {recalls.data.length === 0 && <p className="text-soft">No test has been suspect or positive.</p>}
        <ul>
          {recalls.data.map((r) => (
            <li key={r.id} className="border-line border-t">
              <Link
                to={`/lineage/recall/${r.id}`}
                className="grid grid-cols-[110px_1fr_auto] items-baseline gap-3 py-2 hover:bg-surface"
              >
                <span className="text-soft">{dayAndYear(r.onDay)}</span>
                <span>
                  <b className="code font-semibold">{r.name}</b> {r.outcome.toLowerCase()}, {r.subject}
                </span>
                <span className={r.held > 0 ? "font-semibold text-alarm" : "text-soft"}>
                  {r.held > 0 ? `${r.held} held` : `${r.released} released`}
                </span>
              </Link>
            </li>
          ))}
        </ul>
        <PartHeading>Tests to think of</PartHeading>
        {wanting.length === 0 && <p className="text-soft">Every tested plant is clean for a while yet.</p>}
        <ul>
          {wanting.map((s) => (
            <li
              key={s.key}
              className="grid grid-cols-[110px_1fr] items-baseline gap-3 border-line border-t py-1.5"
            >
              <b
                className={`font-semibold ${["SUSPECT", "POSITIVE"].includes(s.health.standing) ? "text-alarm" : ""}`}
              >
                {STANDING_WORDS[s.health.standing]}
              </b>
              <span>
                <Link className="text-sea underline" to={`/lineage/${s.key}`}>
                  {s.name}
                </Link>{" "}
                {s.varietyName ? `${s.varietyName}. ` : ""}
                <span className="text-soft">{dated(s.health.reason)}</span>
              </span>
            </li>
          ))}
        </ul>
      </section>
      <Beside width="w-[372px]">
        <Moves />
      </Beside>
    </div>
  );
}

function Moves() {
  const moves = useMoves();
  const spots = useSpots();
  const [moving, setMoving] = useState(false);
  const houses = (spots.data ?? []).filter((s) => s.insectProof).map((s) => s.name);
  return (
    <>
      <h2 className="font-semibold text-[14px] text-soft">In and out of protected houses</h2>
      <p className="text-[14.5px] text-soft">
        {houses.length === 0
          ? "No place is an insect-proof house yet; say so where the places are, under Farm."
          : `Insect-proof: ${houses.join(", ")}.`}
      </p>
      <ul className="mt-2 text-[15px]">
        {(moves.data ?? []).slice(0, 14).map((m) => (
          <li key={m.id} className="grid grid-cols-[62px_1fr] border-line border-t py-1.5">
            <span className="text-soft">{dayWords(m.onDay).slice(4)}</span>
            <span>
              {m.plantCode ? <b className="code font-semibold text-[14px]">{m.plantCode}</b> : m.visitor}{" "}
              {m.plantCode ? `${m.fromSpot} → ${m.toSpot}` : `came into ${m.toSpot}`}
              {m.fromHouse && !m.toHouse && <span className="text-alarm"> left the house</span>}
            </span>
          </li>
        ))}
      </ul>
      <Button data-does="POST /api/lineage/moves" className="mt-2" onClick={() => setMoving(!moving)}>
        {moving ? "Close" : "Write a movement or visitor"}
      </Button>
      {moving && <MoveForm onDone={() => setMoving(false)} />}
    </>
  );
}

import { useEffect, useState } from "react";
import { Link } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { useFarm, useSpots } from "../api/queries";
import { BringFarm } from "../exchange/BringFarm";
import { Copies } from "../exchange/Copies";
import { useIsOpen } from "../share/bounds";
import { SignedIn } from "../share/SignedIn";
import { Field, Input, Select } from "../ui/fields";
import { Button, Coming, PartHeading, Statement } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { choose, chosen, readNumber, useChoices } from "../units";
import { NameLine } from "./NameLine";
import { SiteForm } from "./SiteForm";
import { Unread } from "./Unread";

/** The farm itself: where it is, its places and people, this device's choices, and what goes in and out. */
export function FarmRoom() {
  const farm = useFarm();
  const isOpen = useIsOpen();
  const { length, theme, warmth, volume, wind } = useChoices();
  if (!farm.data?.site) return <Coming what="the farm" />;
  return (
    <div className="mx-auto max-w-[1060px] px-[26px] py-5 max-sm:px-4">
      <Statement title={farm.data.site.name}>
        {farm.data.plants} plants, {farm.data.varieties} varieties, {farm.data.grafts} grafts on record.
      </Statement>
      {farm.data.unread > 0 && isOpen("GET /api/unread") && <Unread />}
      <SiteForm
        key={farm.data.site.version}
        site={farm.data.site}
        onSaved={() => done("The place is saved")}
      />
      <div className="grid grid-cols-3 gap-x-10 max-lg:grid-cols-1">
        <Spots />
        <People />
        <section>
          <PartHeading>On this device</PartHeading>
          <div className="grid gap-2">
            <Field label="Lengths">
              <Select value={length} onChange={(e) => choose({ length: e.target.value as typeof length })}>
                <option value="mm">millimetres</option>
                <option value="inch">inches, to a sixteenth</option>
                <option value="decimal">inches, as decimals</option>
              </Select>
            </Field>
            <Field label="Warmth">
              <Select value={warmth ?? "C"} onChange={(e) => choose({ warmth: e.target.value as "C" | "F" })}>
                <option value="C">degrees Celsius</option>
                <option value="F">degrees Fahrenheit</option>
              </Select>
            </Field>
            <Field label="Liquids">
              <Select
                value={volume ?? "ml"}
                onChange={(e) => choose({ volume: e.target.value as "ml" | "floz" })}
              >
                <option value="ml">millilitres</option>
                <option value="floz">fluid ounces</option>
              </Select>
            </Field>
            <Field label="Wind">
              <Select
                value={wind ?? "ms"}
                onChange={(e) => choose({ wind: e.target.value as "ms" | "kmh" | "mph" })}
              >
                <option value="ms">metres a second</option>
                <option value="kmh">kilometres an hour</option>
                <option value="mph">miles an hour</option>
              </Select>
            </Field>
            <Field label="Light">
              <Select
                value={theme}
                onChange={(e) => choose({ theme: e.target.value as "day" | "lamplight" })}
              >
                <option value="day">day, for glare</option>
                <option value="lamplight">lamplight, for evenings</option>
              </Select>
            </Field>
          </div>
          <SignedIn />
          <div data-does="GET /api/share">
            <PartHeading>Phones and people</PartHeading>
            <Link to="/farm/phones" className="text-sea underline">
              Who is let in on which device
            </Link>
          </div>
          <PartHeading>Weather</PartHeading>
          <Link to="/farm/weather" className="text-sea underline">
            The record, the station, the normals
          </Link>
          <InAndOut />
          {isOpen("GET /api/copies") && <Copies />}
        </section>
      </div>
    </div>
  );
}

function Spots() {
  const spots = useSpots();
  const [name, setName] = useState("");
  const { send, problem } = useSend();
  const list = spots.data ?? [];
  const move = (at: number, by: number) => {
    const ids = list.map((s) => s.id);
    const [id] = ids.splice(at, 1);
    ids.splice(at + by, 0, id);
    send(() => told(api.PUT("/api/walk", { body: { ids } })));
  };
  const house = (id: number, insectProof: boolean) =>
    send(() => told(api.PUT("/api/spots/{id}/house", { params: { path: { id } }, body: { insectProof } })));
  return (
    <section>
      <PartHeading>
        Places, in walking order<span data-does="PUT /api/spots/{id}">; tap to rename</span>
      </PartHeading>
      <ol>
        {list.map((spot, i) => (
          <li key={spot.id} className="border-line border-t pb-1">
            <div className="flex items-center gap-1">
              <span className="w-5 text-[14px] text-soft">{i + 1}</span>
              <NameLine
                kind="SPOT"
                does="PUT /api/spots/{id}"
                id={spot.id}
                name={spot.name}
                others={list.filter((s) => s.id !== spot.id)}
                onSame={(as) =>
                  told(api.POST("/api/spots/{id}/same", { params: { path: { id: spot.id } }, body: { as } }))
                }
                onRename={(to) =>
                  told(
                    api.PUT("/api/spots/{id}", {
                      params: { path: { id: spot.id } },
                      body: { to: { name: to }, version: spot.version },
                    }),
                  )
                }
              />
              <button
                data-does="PUT /api/walk"
                type="button"
                aria-label={`${spot.name} earlier`}
                disabled={i === 0}
                className="min-h-9 px-2 disabled:opacity-30 max-sm:min-h-11"
                onClick={() => move(i, -1)}
              >
                ↑
              </button>
              <button
                data-does="PUT /api/walk"
                type="button"
                aria-label={`${spot.name} later`}
                disabled={i === list.length - 1}
                className="min-h-9 px-2 disabled:opacity-30 max-sm:min-h-11"
                onClick={() => move(i, 1)}
              >
                ↓
              </button>
            </div>
            <div className="flex flex-wrap items-center pl-5">
              <label
                data-does="PUT /api/spots/{id}/house"
                className="flex min-h-9 items-center gap-1.5 px-2 text-[14px] text-soft max-sm:min-h-11"
              >
                <input
                  type="checkbox"
                  checked={spot.insectProof}
                  aria-label={`${spot.name} is an insect-proof house`}
                  onChange={(e) => house(spot.id, e.target.checked)}
                />
                insect-proof
              </label>
              <PotSize spot={spot} />
            </div>
          </li>
        ))}
      </ol>
      <Adder
        does="POST /api/spots"
        label="A new place"
        name={name}
        onName={setName}
        problem={problem?.message}
        onAdd={async () => {
          if (await send(() => told(api.POST("/api/spots", { body: { name } })))) setName("");
        }}
      />
    </section>
  );
}

/** How much the pots of a place hold: small ones are watered more often. */
function PotSize({ spot }: { spot: Schemas["place.Spot"] }) {
  const now = spot.potLitres === undefined ? "" : String(spot.potLitres);
  const [typed, setTyped] = useState(now);
  const { send, problem } = useSend();
  useEffect(() => setTyped(now), [now]);
  const keep = () => {
    if (typed.trim() === now) return;
    const litres = typed.trim() === "" ? undefined : readNumber(typed);
    send(() =>
      told(api.PUT("/api/spots/{id}/pots", { params: { path: { id: spot.id } }, body: { litres } })),
    );
  };
  return (
    <span
      data-does="PUT /api/spots/{id}/pots"
      className="flex flex-wrap items-center gap-1.5 px-2 text-[14px] text-soft"
    >
      pots of
      <Input
        inputMode="decimal"
        aria-label={`Litres a pot of ${spot.name} holds`}
        aria-invalid={problem !== undefined}
        className="!w-16"
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={keep}
        onKeyDown={(e) => e.key === "Enter" && keep()}
      />
      l
      {problem && (
        <b role="alert" className="text-alarm">
          {problem.message}
        </b>
      )}
    </span>
  );
}

function People() {
  const people = useFarm().data?.people ?? [];
  const [name, setName] = useState("");
  const { send, problem } = useSend();
  return (
    <section>
      <PartHeading>
        People<span data-does="PUT /api/people/{id}">; tap to rename</span>
      </PartHeading>
      <ul>
        {people.map((person) => (
          <li key={person.id} className="flex border-line border-t py-0.5">
            <NameLine
              kind="PERSON"
              does="PUT /api/people/{id}"
              id={person.id}
              name={person.name}
              others={people.filter((p) => p.id !== person.id)}
              onSame={async (as) => {
                await told(
                  api.POST("/api/people/{id}/same", { params: { path: { id: person.id } }, body: { as } }),
                );
                if (chosen().personId === person.id) choose({ personId: as });
              }}
              onRename={(to) =>
                told(
                  api.PUT("/api/people/{id}", {
                    params: { path: { id: person.id } },
                    body: { to: { name: to }, version: person.version },
                  }),
                )
              }
            />
          </li>
        ))}
      </ul>
      <Adder
        does="POST /api/people"
        label="Somebody new"
        name={name}
        onName={setName}
        problem={problem?.message}
        onAdd={async () => {
          if (await send(() => told(api.POST("/api/people", { body: { name } })))) setName("");
        }}
      />
    </section>
  );
}

function Adder(props: {
  does: string;
  label: string;
  name: string;
  problem?: string;
  onName: (name: string) => void;
  onAdd: () => void;
}) {
  return (
    <form
      data-does={props.does}
      className="mt-2 flex items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        props.onAdd();
      }}
    >
      <div className="flex-1">
        <Field label={props.label} error={props.problem}>
          <Input value={props.name} maxLength={120} onChange={(e) => props.onName(e.target.value)} />
        </Field>
      </div>
      <Button type="submit" disabled={!props.name.trim()}>
        Add
      </Button>
    </form>
  );
}

function InAndOut() {
  return (
    <>
      <PartHeading>In and out</PartHeading>
      <ul className="grid gap-1.5">
        <li data-does="POST /api/notebooks">
          <Link to="/farm/notebook" className="text-sea underline">
            Bring in an old notebook
          </Link>
        </li>
        <li data-does="GET /api/exchange/farm.zip">
          <a className="text-sea underline" href="/api/exchange/farm.zip">
            Take the whole farm out, as a zip
          </a>
        </li>
        <li data-does="POST /api/exchange/farm.zip">
          <BringFarm words="Bring a whole farm in, from such a zip" />
        </li>
        <li>
          <a className="text-sea underline" href="/api/exchange/grafts.csv">
            All grafts as CSV
          </a>
        </li>
        <li>
          <a className="text-sea underline" href="/api/exchange/visits.ics">
            Visits for a calendar
          </a>
        </li>
      </ul>
    </>
  );
}

import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { Button, Field, Input } from "../ui/parts";
import { useSend } from "../ui/useSend";

const ZONES = Intl.supportedValuesOf?.("timeZone") ?? [];

/** Where the farm is. The latitude decides the names of the seasons, the zone what day it is. */
export function SiteForm({
  site,
  onSaved,
  button,
}: {
  site?: Schemas["place.Site"];
  onSaved: () => void;
  button: string;
}) {
  const [entry, setEntry] = useState({
    name: site?.name ?? "",
    latitude: site ? String(site.latitudeDeg) : "",
    longitude: site ? String(site.longitudeDeg) : "",
    altitude: site ? String(site.altitudeM) : "0",
    zone: site?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone ?? "UTC",
  });
  const { send, problem, busy, errorOf } = useSend();
  const set = (change: Partial<typeof entry>) => setEntry({ ...entry, ...change });
  const number = (text: string) => Number(text.trim().replace(",", ".").replace("−", "-") || "NaN");
  const bad = (text: string) =>
    text !== "" && Number.isNaN(number(text)) ? "a number, such as 31.4" : undefined;
  const complete =
    entry.name.trim() !== "" &&
    [entry.latitude, entry.longitude, entry.altitude].every((t) => !Number.isNaN(number(t)));
  const save = async () => {
    const body = {
      name: entry.name.trim(),
      latitudeDeg: number(entry.latitude),
      longitudeDeg: number(entry.longitude),
      altitudeM: number(entry.altitude),
      zone: entry.zone,
      version: site?.version ?? 0,
    };
    if (await send(() => told(api.PUT("/api/site", { body })))) onSaved();
  };
  return (
    <form
      className="grid max-w-[640px] grid-cols-3 gap-x-4 gap-y-3 max-sm:grid-cols-1"
      onSubmit={(e) => {
        e.preventDefault();
        save();
      }}
    >
      <div className="col-span-3 max-sm:col-span-1">
        <Field label="Name of the farm or garden" error={errorOf("name")}>
          <Input value={entry.name} maxLength={120} onChange={(e) => set({ name: e.target.value })} />
        </Field>
      </div>
      <Field
        label="Latitude, degrees"
        hint="south of the equator below 0"
        error={bad(entry.latitude) ?? errorOf("latitudeDeg")}
      >
        <Input
          inputMode="decimal"
          value={entry.latitude}
          onChange={(e) => set({ latitude: e.target.value })}
        />
      </Field>
      <Field
        label="Longitude, degrees"
        hint="west below 0"
        error={bad(entry.longitude) ?? errorOf("longitudeDeg")}
      >
        <Input
          inputMode="decimal"
          value={entry.longitude}
          onChange={(e) => set({ longitude: e.target.value })}
        />
      </Field>
      <Field label="Height above the sea, m" error={bad(entry.altitude) ?? errorOf("altitudeM")}>
        <Input
          inputMode="decimal"
          value={entry.altitude}
          onChange={(e) => set({ altitude: e.target.value })}
        />
      </Field>
      <div className="col-span-2 max-sm:col-span-1">
        <Field label="Time zone" error={errorOf("zone")}>
          <Input list="zones" value={entry.zone} onChange={(e) => set({ zone: e.target.value })} />
        </Field>
        <datalist id="zones">
          {ZONES.map((zone) => (
            <option key={zone} value={zone} />
          ))}
        </datalist>
      </div>
      <div className="self-end">
        <Button strong type="submit" disabled={!complete || busy} className="min-h-9">
          {button}
        </Button>
      </div>
      {problem && problem.fields.length === 0 && (
        <p role="alert" className="col-span-3 font-semibold text-alarm">
          {problem.message}
        </p>
      )}
    </form>
  );
}

import { useState } from "react";
import type { Schemas } from "../api/client";
import { Field, Input } from "../ui/fields";
import { readNumber } from "../units";

const ZONES = Intl.supportedValuesOf?.("timeZone") ?? [];

/** A place as it is typed. */
export interface SiteDraft {
  name: string;
  latitude: string;
  longitude: string;
  altitude: string;
  zone: string;
  handTool?: boolean;
}

export const siteDraft = (site?: Schemas["place.Site"]): SiteDraft => ({
  name: site?.name ?? "",
  latitude: site ? String(site.latitudeDeg) : "",
  longitude: site ? String(site.longitudeDeg) : "",
  altitude: site ? String(site.altitudeM) : "0",
  handTool: site?.handTool,
  zone: site?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone ?? "UTC",
});

/** What to send of a place, or undefined while something of it is missing or no number. */
export function siteOf(draft: SiteDraft, version: number): Schemas["place.Site"] | undefined {
  const [latitudeDeg, longitudeDeg, altitudeM] = [draft.latitude, draft.longitude, draft.altitude].map(
    readNumber,
  );
  if (!draft.name.trim() || [latitudeDeg, longitudeDeg, altitudeM].some(Number.isNaN)) return undefined;
  return {
    name: draft.name.trim(),
    latitudeDeg,
    longitudeDeg,
    altitudeM,
    zone: draft.zone,
    handTool: draft.handTool,
    version,
  };
}

interface Props {
  draft: SiteDraft;
  onChange: (change: Partial<SiteDraft>) => void;
  errorOf: (field: string) => string | undefined;
}

/** Where the farm is. The latitude decides the names of the seasons, the zone what day it is. */
export function SiteBoxes({ draft, onChange, errorOf }: Props) {
  return (
    <>
      <div className="col-span-3 max-sm:col-span-1">
        <Field label="Name of the farm or garden" error={errorOf("name")}>
          <Input value={draft.name} maxLength={120} onChange={(e) => onChange({ name: e.target.value })} />
        </Field>
      </div>
      <Degrees
        label="Latitude, degrees"
        hint="south of the equator below 0"
        text={draft.latitude}
        error={errorOf("latitudeDeg")}
        onText={(latitude) => onChange({ latitude })}
      />
      <Degrees
        label="Longitude, degrees"
        hint="west below 0"
        text={draft.longitude}
        error={errorOf("longitudeDeg")}
        onText={(longitude) => onChange({ longitude })}
      />
      <Degrees
        label="Height above the sea, m"
        text={draft.altitude}
        error={errorOf("altitudeM")}
        onText={(altitude) => onChange({ altitude })}
      />
      <div className="col-span-2 max-sm:col-span-1">
        <Field label="Time zone" error={errorOf("zone")}>
          <Input list="zones" value={draft.zone} onChange={(e) => onChange({ zone: e.target.value })} />
        </Field>
        <datalist id="zones">
          {ZONES.map((zone) => (
            <option key={zone} value={zone} />
          ))}
        </datalist>
      </div>
    </>
  );
}

function Degrees(props: {
  label: string;
  hint?: string;
  text: string;
  error?: string;
  onText: (text: string) => void;
}) {
  const [left, setLeft] = useState(false);
  // What is half typed is no fault yet.
  const bad = left && props.text !== "" && Number.isNaN(readNumber(props.text));
  return (
    <Field label={props.label} hint={props.hint} error={bad ? "a number, such as 31.4" : props.error}>
      <Input
        inputMode="decimal"
        value={props.text}
        onBlur={() => setLeft(true)}
        onChange={(e) => props.onText(e.target.value)}
      />
    </Field>
  );
}

import { Link } from "react-router";
import { GradeMark } from "../drawings/GradeMark";
import { KeepingBar } from "../drawings/KeepingBar";
import { DayBox } from "../ui/DayBox";
import { Field, Input, Select } from "../ui/parts";
import { useShelf } from "../wood/woodApi";
import { leftWords, sticksWords } from "../wood/words";
import type { Draft } from "./draft";

interface Props {
  draft: Draft;
  sources: string[];
  errorOf: (field: string) => string | undefined;
  onChange: (change: Partial<Draft>) => void;
}

/** Which wood is grafted: a lot from the shelf, the one to be used first in front; else what is known of it. */
export function WoodChoice({ draft, sources, errorOf, onChange }: Props) {
  const shelf = useShelf();
  const own = (shelf.data?.lots ?? []).filter((lot) => String(lot.varietyId) === draft.varietyId);
  const lot = own.find((one) => String(one.id) === draft.lotId);
  return (
    <>
      <Field label="Wood" error={errorOf("lotId")}>
        <Select value={draft.lotId} onChange={(e) => onChange({ lotId: e.target.value })}>
          <option value="">no lot of the shelf</option>
          {own.map((one) => (
            <option key={one.id} value={one.id} disabled={one.refusal !== undefined}>
              {one.code}, {sticksWords(one.sticksLeft)}
              {one.refusal ? ", held" : `, ${leftWords(one)}`}
            </option>
          ))}
        </Select>
      </Field>
      {lot ? (
        <div className="col-span-2 self-end pb-1 text-[14.5px]">
          <span className="flex items-center gap-2">
            <GradeMark grade={lot.grade} />
            <span className="min-w-0 truncate">
              {sticksWords(lot.sticksLeft)}, {lot.budsLeft} buds from {lot.fromName};{" "}
              <Link className="text-sea underline" to={`/wood/lot/${lot.code}`}>
                its sheet
              </Link>
            </span>
          </span>
          <KeepingBar lot={lot} className="mt-1" />
          {lot.warnings[0] && <span className="text-soft">{lot.warnings[0]}</span>}
        </div>
      ) : (
        <>
          <Field label="Wood from" error={errorOf("woodSource")}>
            <Input
              list="sources"
              maxLength={200}
              placeholder="own mother tree, neighbour, post"
              value={draft.woodSource}
              onChange={(e) => onChange({ woodSource: e.target.value })}
            />
          </Field>
          <datalist id="sources">
            {sources.map((source) => (
              <option key={source} value={source} />
            ))}
          </datalist>
          <Field label="Wood cut on" error={errorOf("woodCutOn")}>
            <DayBox past value={draft.woodCutOn} onChange={(woodCutOn) => onChange({ woodCutOn })} />
          </Field>
        </>
      )}
    </>
  );
}

import { useQueries } from "@tanstack/react-query";
import { useState } from "react";
import api, { ProblemError, type Schemas, told } from "../api/client";
import { typedLength } from "../ui/keptLengths";
import { done } from "../undo";
import { readLength, useChoices } from "../units";
import type { Lot } from "../wood/woodApi";
import type { Here } from "./Discs";
import { type Draft, entryOf } from "./draft";

type Disc = Schemas["bench.Disc"];

interface Made extends Here {
  search: string;
  varietyId: string;
  lotId: string;
  madeOn: string;
  scionMm?: number;
  /** True where the last bud, or the stick itself, went into it. */
  spent: boolean;
  when: number;
}

/** What was grafted since one sat down here, tap by tap, and the stick that comes next to hand. */
export function useSitting(
  draft: Draft,
  lot: Lot | undefined,
  takesBuds: boolean,
  onChange: (change: Partial<Draft>) => void,
  onProblem: (problem?: ProblemError) => void,
) {
  const { length } = useChoices();
  const [all, setMade] = useState<Made[]>([]);
  const made = useStanding(all);
  const [busy, setBusy] = useState(false);
  const ofLot = made.filter((one) => one.lotId === draft.lotId);
  const used = ofLot.filter((one) => one.spent).map((one) => one.scionMm);

  const graft = async (disc: Disc, at: number, search: string) => {
    const stock = draft.stock || typedLength(disc.diameterMm, length);
    const entry = entryOf({ ...draft, stems: [{ ...disc, scion: draft.scion, stock }] }, length);
    if (!entry || busy)
      return onProblem(entry ? undefined : new ProblemError({ detail: missing(draft) }, 422));
    setBusy(true);
    onProblem(undefined);
    try {
      const logged = await told(api.POST("/api/grafts", { body: entry }));
      done(`Logged ${logged.codes[0]}`, logged.actId);
      const scionMm = readLength(draft.scion, length);
      const before = ofLot.length - ofLot.map((one) => one.spent).lastIndexOf(true) - 1;
      const spent = !takesBuds || before + 1 >= (lot?.budsPerStick ?? 1);
      setMade((all) => [
        ...all,
        {
          disc,
          at,
          search,
          code: logged.codes[0],
          varietyId: draft.varietyId,
          lotId: draft.lotId,
          madeOn: draft.madeOn,
          scionMm,
          spent,
          when: Date.now(),
        },
      ]);
      onChange({
        stock: "",
        notes: "",
        ...(lot && spent ? { scion: nextStick(lot, [...used, scionMm]) } : {}),
      });
    } catch (e) {
      if (e instanceof ProblemError) onProblem(e);
    } finally {
      setBusy(false);
    }
  };

  // The next stick is the next one measured; of one nobody measured nothing is known.
  const nextStick = (of: Lot, spent: (number | undefined)[]) => {
    const left = [...of.diametersMm];
    for (const mm of spent) {
      const at = mm === undefined ? -1 : left.indexOf(mm);
      if (at >= 0) left.splice(at, 1);
    }
    return typedLength(left[0], length);
  };

  /** Those made here among the stocks of a search. */
  const here = (search: string): Here[] =>
    made.filter((one) => one.search === search && one.varietyId === draft.varietyId);

  return { graft, here, used, busy };
}

// What was taken back since, here or elsewhere, is no longer in the log of its variety and day.
function useStanding(all: Made[]): Made[] {
  const of = (one: Made) => `${one.varietyId} ${one.madeOn}`;
  const asked = [...new Map(all.map((one) => [of(one), one]))];
  const logs = useQueries({
    queries: asked.map(([, { varietyId, madeOn }]) => ({
      queryKey: ["log", varietyId, madeOn],
      queryFn: () => {
        const query = { varietyId: Number(varietyId), from: madeOn, to: madeOn };
        return told(api.GET("/api/grafts", { params: { query } }));
      },
    })),
    combine: (answers) => new Map(answers.map((answer, i) => [asked[i][0], answer])),
  });
  return all.filter((one) => {
    const log = logs.get(of(one));
    const known = log?.data && log.dataUpdatedAt >= one.when;
    return !known || log.data.grafts.some((graft) => graft.code === one.code);
  });
}

const missing = (draft: Draft) =>
  !draft.varietyId
    ? "Say first which variety."
    : !draft.techniqueKey
      ? "Say first by which technique."
      : !draft.madeOn
        ? "Say first on which day."
        : "A thickness cannot be read: mend it first.";

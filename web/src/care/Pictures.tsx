import { useState } from "react";
import api, { type Schemas, told } from "../api/client";
import { dayAndYear } from "../days";
import { useCommands } from "../ui/commands";
import { DayBox } from "../ui/DayBox";
import { Input } from "../ui/fields";
import { Overlay } from "../ui/Overlay";
import { Button, Trouble } from "../ui/parts";
import { isDay } from "../ui/readDay";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { AddPicture } from "./AddPicture";
import { type Picture, type Pictured, usePictures } from "./picturesApi";

/** So many healing days stand in one column, so that two grafts can be held side by side at one age. */
const COLUMN = 14;

const column = (picture: Picture) => Math.floor(picture.healingDays / COLUMN);

/** A graft in pictures by healing day, and another one's below it. */
export function Pictures({ graft }: { graft: Schemas["bench.Graft"] }) {
  const [typed, setTyped] = useState("");
  const [beside, setBeside] = useState("");
  const [day, setDay] = useState("");
  const [shown, setShown] = useState<{ of: Pictured; at: number }>();
  const own = usePictures(graft.code).data;
  const other = usePictures(beside);
  if (!own) return null;
  const rows = [own, ...(other.data ? [other.data] : [])];
  const columns = [...new Set(rows.flatMap((row) => row.pictures.map(column)))].sort((a, b) => a - b);
  const some = own.pictures.length > 0;
  return (
    <section aria-label="Pictures" className="print:hidden">
      <div className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-1">
        {some && <h3 className="font-semibold text-[14px] text-soft">Pictures</h3>}
        <AddPicture
          code={graft.code}
          day={isDay(day) ? day : undefined}
          words={some ? "Add one" : "Add a picture"}
        />
        <span
          data-does="POST /api/grafts/{code}/pictures"
          className="flex items-center gap-1.5 text-[14.5px]"
        >
          <span className="text-soft">taken</span>
          <span className="w-32">
            <DayBox
              value={day}
              onChange={setDay}
              min={graft.madeOn}
              past
              placeholder="today"
              aria-label="The day the picture was taken"
            />
          </span>
        </span>
        {some && (
          <form
            className="flex items-center gap-1.5 text-[14.5px]"
            onSubmit={(e) => {
              e.preventDefault();
              setBeside(typed.trim());
            }}
          >
            <span className="flex items-center gap-1.5">
              <span className="text-soft">hold beside</span>
              <span className="w-28">
                <Input
                  value={typed}
                  maxLength={40}
                  placeholder="another graft"
                  aria-label="Another graft, by its code"
                  onChange={(e) => setTyped(e.target.value)}
                />
              </span>
            </span>
            <Button type="submit" disabled={typed.trim() === ""}>
              Show it
            </Button>
          </form>
        )}
      </div>
      <Trouble problem={beside ? other.error : undefined} />
      {some && (
        <div className="overflow-x-auto">
          <table className="mt-1.5 border-separate border-spacing-1.5">
            <thead>
              <tr className="text-left text-[13.5px] text-soft">
                <th scope="col" className="pr-2 font-normal">
                  healing days
                </th>
                {columns.map((at) => (
                  <th key={at} scope="col" className="font-normal">
                    {at * COLUMN}–{(at + 1) * COLUMN}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.code} className="align-top">
                  <th scope="row" className="pr-2 text-left">
                    <span className="code block">{row.code}</span>
                    <span className="block font-normal text-[13.5px] text-soft">{row.varietyName}</span>
                  </th>
                  {columns.map((at) => (
                    <td key={at}>
                      <span className="flex gap-1">
                        {row.pictures.map(
                          (picture, i) =>
                            column(picture) === at && (
                              <Small
                                key={picture.id}
                                picture={picture}
                                code={row.code}
                                onOpen={() => setShown({ of: row, at: i })}
                              />
                            ),
                        )}
                      </span>
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {shown && (
        <Large
          of={shown.of}
          at={Math.min(shown.at, shown.of.pictures.length - 1)}
          onAt={(at) => setShown({ ...shown, at })}
          onClose={() => setShown(undefined)}
        />
      )}
    </section>
  );
}

const words = (picture: Picture) =>
  `${dayAndYear(picture.day)}, ${Math.round(picture.healingDays)} healing days`;

function Small({ picture, code, onOpen }: { picture: Picture; code: string; onOpen: () => void }) {
  return (
    <button type="button" className="rounded-sm border border-edge p-0.5" onClick={onOpen}>
      <img
        src={`/api/pictures/${picture.id}?small=true`}
        alt={`${code}, ${words(picture)}`}
        className="h-[96px] w-auto max-w-[170px] object-cover"
        style={{ aspectRatio: `${picture.wide} / ${picture.high}` }}
      />
      <span className="block text-[13px]">day {Math.round(picture.healingDays)}</span>
    </button>
  );
}

interface LargeProps {
  of: Pictured;
  at: number;
  onAt: (at: number) => void;
  onClose: () => void;
}

function Large({ of, at, onAt, onClose }: LargeProps) {
  const { send, problem, busy } = useSend();
  const picture = of.pictures[at];
  const go = (by: number) => onAt(Math.min(of.pictures.length - 1, Math.max(0, at + by)));
  useCommands([
    { key: "ArrowLeft", words: "the picture before", run: () => go(-1) },
    { key: "ArrowRight", words: "the next picture", run: () => go(1) },
  ]);
  const remove = () =>
    send(async () => {
      const gone = await told(api.DELETE("/api/pictures/{id}", { params: { path: { id: picture.id } } }));
      done(gone.sentence, gone.actId);
      onClose();
    });
  return (
    <Overlay
      open
      onClose={onClose}
      title={of.code}
      description={`${words(picture)}${picture.who ? `, ${picture.who}` : ""}`}
    >
      <img
        src={`/api/pictures/${picture.id}`}
        alt={`${of.code}, ${words(picture)}`}
        className="mx-auto max-h-[52vh] w-auto max-w-full"
      />
      <Trouble problem={problem} />
      <div className="mt-3 flex flex-wrap gap-2">
        <Button disabled={at === 0} onClick={() => go(-1)}>
          Before
        </Button>
        <Button disabled={at === of.pictures.length - 1} onClick={() => go(1)}>
          Next
        </Button>
        <span className="flex-1" />
        <Button data-does="DELETE /api/pictures/{id}" disabled={busy} onClick={remove}>
          Take it away
        </Button>
      </div>
    </Overlay>
  );
}

import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { sendFile } from "../api/sendFile";
import { Button, Statement, Trouble } from "../ui/parts";
import { done, failed } from "../undo";
import { Found } from "./Found";
import { Guesses } from "./Guesses";

export type Preview = Schemas["exchange.Preview"];
export type Choices = Schemas["exchange.Choices"];

/** Brings in an old notebook: look at every guess, correct what is wrong, then take it in whole. */
export function Notebook() {
  const [preview, setPreview] = useState<Preview>();
  const [choices, setChoices] = useState<Choices>({});
  const [problem, setProblem] = useState<unknown>();
  const [busy, setBusy] = useState("");
  const file = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();

  const run = async (what: string, work: () => Promise<void>) => {
    setBusy(what);
    setProblem(undefined);
    try {
      await work();
    } catch (e) {
      setProblem(e);
      failed(e);
    }
    setBusy("");
  };
  const open = (chosen?: File) =>
    chosen &&
    run("Reading the file", async () => {
      setPreview(await sendFile<Preview>("/api/notebooks", chosen));
      setChoices({});
    });
  const correct = (change: Choices) => {
    if (!preview) return;
    const next = { ...choices, ...change };
    setChoices(next);
    run("Reading it again", async () => {
      setPreview(
        await told(
          api.POST("/api/notebooks/{id}/preview", { params: { path: { id: preview.id } }, body: next }),
        ),
      );
    });
  };
  const bringIn = () =>
    preview &&
    run("Bringing it in", async () => {
      const result = await told(
        api.POST("/api/notebooks/{id}/import", { params: { path: { id: preview.id } }, body: choices }),
      );
      done(`${result.grafts} grafts brought in, ${result.refused} rows left out`, result.actId);
      navigate("/takes");
    });
  return (
    <div className="mx-auto max-w-[1120px] px-[26px] py-5 max-sm:px-4">
      <Statement
        title={
          preview
            ? `${preview.graftsFound} of ${preview.rowsRead} rows can be taken`
            : "Bring in an old notebook"
        }
      >
        {preview
          ? `${preview.refusedRows} rows are left out, each with its reason below. Nothing is written until you say so.`
          : "A CSV file from any program, in your own columns and words."}
      </Statement>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <Button data-does="POST /api/notebooks" strong={!preview} onClick={() => file.current?.click()}>
          {preview ? "Another file" : "Choose the file"}
        </Button>
        <input
          ref={file}
          type="file"
          className="hidden"
          aria-label="Notebook file"
          onChange={(e) => {
            open(e.target.files?.[0]);
            e.target.value = "";
          }}
        />
        {preview && (
          <Button
            data-does="POST /api/notebooks/{id}/import"
            strong
            disabled={busy !== "" || preview.graftsFound === 0}
            onClick={bringIn}
          >
            Bring in {preview.graftsFound} grafts
          </Button>
        )}
        <span aria-live="polite" className="text-soft">
          {busy}
        </span>
      </div>
      <Trouble problem={problem} />
      {!preview && (
        <ul className="mt-4 list-disc pl-5 text-soft">
          <li>Commas, semicolons, tabs or bars; old or new encodings; decimal points or commas.</li>
          <li>
            Dates in any order, also mixed; diameters in mm or inches; your words for results and techniques.
          </li>
          <li>You see every guess and correct it. The whole import can be taken back.</li>
        </ul>
      )}
      {preview && <Guesses preview={preview} choices={choices} onCorrect={correct} />}
      {preview && <Found preview={preview} />}
    </div>
  );
}

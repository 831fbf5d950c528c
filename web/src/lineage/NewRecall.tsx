import { Link, useNavigate, useSearchParams } from "react-router";
import api, { type Schemas, told } from "../api/client";
import { dated, dayAndYear } from "../days";
import { Button, Statement, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";
import { countWords, HeldList } from "./HeldList";
import { usePreview } from "./lineageApi";

/** What a suspect or positive test reaches, seen before anything is written; then held in one step. */
export function NewRecall() {
  const [params] = useSearchParams();
  const navigate = useNavigate();
  const { send, problem, busy } = useSend();
  const entry: Schemas["lineage.TestEntry"] | undefined = params.get("of")
    ? {
        key: params.get("of") ?? "",
        day: params.get("day") ?? "",
        subject: params.get("subject") ?? "",
        outcome: params.get("outcome") as Schemas["lineage.TestEntry"]["outcome"],
        lab: params.get("lab") || undefined,
      }
    : undefined;
  const preview = usePreview(entry);
  if (!entry)
    return (
      <section className="px-[26px] py-5 max-sm:px-4">
        <Statement title="A recall begins with a test">
          Choose the plant or source under{" "}
          <Link to="/lineage" className="text-sea underline">
            Lineage
          </Link>{" "}
          and enter its test there.
        </Statement>
      </section>
    );
  const hold = () =>
    send(async () => {
      const placed = await told(api.POST("/api/recalls", { body: entry }));
      done(placed.sentence, placed.actId);
      navigate(`/lineage/recall/${placed.id}`);
    });
  return (
    <div className="mx-auto max-w-[980px] px-[26px] py-5 max-sm:px-4">
      <Statement title={`${params.get("code")} tests ${entry.outcome.toLowerCase()}: what it reaches`}>
        {entry.subject}, {dayAndYear(entry.day)}. Nothing is written yet.
      </Statement>
      {preview.data && (
        <>
          <p className="big text-[20px]">{countWords(preview.data)}</p>
          <p className="text-soft">Counted {dated(preview.data.since)}.</p>
          <div className="mt-3 flex flex-wrap gap-3">
            <Button data-does="POST /api/recalls" strong disabled={busy} className="min-h-11" onClick={hold}>
              Hold all {preview.data.held.length} and write the test
            </Button>
            <Button className="min-h-11" onClick={() => navigate(`/lineage/${entry.key}`)}>
              Leave it
            </Button>
          </div>
          <p className="mt-2 text-[14.5px] text-soft">
            What is held cannot be used, given away or cut from; visits of held grafts become one: isolate,
            ask the plant-health authority. Some diseases must be reported by law: the authority decides what
            is destroyed, not this list.
          </p>
          <HeldList held={preview.data.held} />
        </>
      )}
      <Trouble problem={preview.error ?? problem} />
    </div>
  );
}

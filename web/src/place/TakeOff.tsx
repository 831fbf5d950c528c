import api, { type Schemas, told } from "../api/client";
import { Button, Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";

/** Takes a plant off the lists; where a graft lives on it that is said first, and asked. */
export function TakeOff({ plant, onGone }: { plant: Schemas["place.Plant"]; onGone: () => void }) {
  const { send, problem, busy } = useSend();
  const asks = problem?.fields.some((f) => f.field === "withGrafts");
  const remove = async (withGrafts: boolean) => {
    const removed = await send(() =>
      told(api.DELETE("/api/plants/{id}", { params: { path: { id: plant.id }, query: { withGrafts } } })),
    );
    if (!removed) return;
    done(`${plant.code} is off the farm; its history stays`, removed.actId);
    onGone();
  };
  return (
    <div>
      <Trouble problem={problem} />
      {asks ? (
        <Button disabled={busy} onClick={() => remove(true)}>
          Take it off with its grafts
        </Button>
      ) : (
        <button
          type="button"
          disabled={busy}
          className="min-h-9 text-[14.5px] text-sea underline max-sm:min-h-11"
          onClick={() => remove(false)}
        >
          Take this plant off the farm; its history stays
        </button>
      )}
    </div>
  );
}

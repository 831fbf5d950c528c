import type { Command } from "../ui/commands";
import { Button } from "../ui/parts";

/** The keys a thumb needs. */
export function PhoneKeys({ keys }: { keys: Command[] }) {
  const press = (key: string) =>
    keys.find((c) => c.key === key)?.run(new window.KeyboardEvent("keydown", { key }));
  return (
    <span className="grid w-full grid-cols-5 gap-1.5">
      {(
        [
          ["ArrowLeft", "left"],
          ["ArrowRight", "right"],
          ["l", "tilt ↙"],
          ["r", "tilt ↘"],
          ["b", "best"],
        ] as const
      ).map(([key, words]) => (
        <Button key={key} className="min-h-11 px-1" onClick={() => press(key)}>
          {words}
        </Button>
      ))}
    </span>
  );
}

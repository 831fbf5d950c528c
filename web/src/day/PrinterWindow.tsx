import { Button } from "../ui/parts";
import type { usePrinter } from "./usePrinter";

/** The stand-in for a label printer: what hangs out of it, and its roll. */
export function PrinterWindow({ printer }: { printer: ReturnType<typeof usePrinter> }) {
  const { standing, newRoll } = printer;
  if (!standing) return null;
  const last = standing.printed[0];
  return (
    <section
      aria-label="Label printer stand-in"
      className="mt-5 max-w-[520px] rounded border border-line bg-surface p-3"
    >
      <div className="flex flex-wrap items-center gap-3 text-[14.5px]">
        <b>Label printer</b>
        <span className="flex-1 text-soft" role="status">
          a stand-in, {standing.left} labels left on its roll
        </span>
        <Button data-does="POST /api/printer/roll" onClick={newRoll}>
          New roll
        </Button>
      </div>
      {last ? (
        <section
          aria-label="Printed last"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keys
          tabIndex={0}
          className="mt-2 max-h-[260px] overflow-auto border-line border-t pt-2"
        >
          <img
            alt={`The labels printed last, ${last}`}
            src={`/api/printer/strips/${last}`}
            className="mx-auto block min-h-[80px] w-[70%] shadow"
          />
          <p className="mt-1 text-[13px] text-soft">Kept in the farm's folder as printed/{last}.pdf</p>
        </section>
      ) : (
        <p className="mt-1 text-[14px] text-soft">What it prints hangs here.</p>
      )}
    </section>
  );
}

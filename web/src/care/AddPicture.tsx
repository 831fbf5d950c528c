import { useSend } from "../ui/useSend";
import { useChoices } from "../units";
import { PHOTOS, sendPicture } from "./picturesApi";

/** A photo from the phone's camera or a file, kept with a graft. */
export function AddPicture({ code, day, words }: { code: string; day?: string; words: string }) {
  const { send, problem, busy } = useSend();
  const { personId } = useChoices();
  return (
    <span data-does="POST /api/grafts/{code}/pictures" className="inline-flex flex-wrap items-center gap-x-2">
      <label className="inline-flex min-h-8 cursor-pointer items-center text-[14.5px] text-sea underline focus-within:outline-2 max-sm:min-h-11">
        {busy ? "Keeping the picture …" : words}
        <input
          type="file"
          accept={PHOTOS}
          className="sr-only"
          aria-label={`${words} of ${code}`}
          disabled={busy}
          onChange={(e) => {
            const photo = e.target.files?.[0];
            e.target.value = "";
            if (photo) send(() => sendPicture(code, photo, day, personId));
          }}
        />
      </label>
      {problem && (
        <span role="alert" className="font-semibold text-[14.5px] text-alarm">
          {problem.message}
        </span>
      )}
    </span>
  );
}

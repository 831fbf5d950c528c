import api, { type Schemas, told } from "../api/client";
import { useRules } from "../api/queries";
import { Field, Select } from "../ui/fields";
import { Trouble } from "../ui/parts";
import { useSend } from "../ui/useSend";
import { done } from "../undo";

/** Which schools a graft was made by; another one chosen puts it right. */
export function SchoolsFollowed({ sheet }: { sheet: Schemas["care.Sheet"] }) {
  const { graft } = sheet.stop;
  const rules = useRules();
  const { send, problem, busy } = useSend();
  if (sheet.schools.length === 0) return null;
  const follow = (question: string, school: string) =>
    send(async () => {
      const put = await told(
        api.PUT("/api/grafts/{code}/parts", {
          params: { path: { code: graft.code } },
          body: {
            stemId: graft.stemId,
            lotId: graft.lotId,
            woodSource: graft.lotId ? undefined : graft.woodSource,
            schools: { [question]: school },
            version: graft.version,
          },
        }),
      );
      done(put.sentence, put.actId);
    });
  return (
    <details data-does="PUT /api/grafts/{code}/parts" className="mt-2 text-[15px]">
      <summary className="text-sea underline">Schools followed</summary>
      <div className="mt-1 grid gap-2">
        {sheet.schools.map((followed) => {
          const question = rules.data?.schools.find((q) => q.key === followed.question);
          return (
            <Field key={followed.question} label={question?.question ?? followed.question}>
              <Select
                value={followed.school}
                disabled={busy}
                onChange={(e) => follow(followed.question, e.target.value)}
              >
                {Object.entries(question?.schools ?? {}).map(([key, school]) => (
                  <option key={key} value={key}>
                    {school.name}
                  </option>
                ))}
              </Select>
            </Field>
          );
        })}
      </div>
      <Trouble problem={problem} />
    </details>
  );
}

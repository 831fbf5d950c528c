import { useQuery } from "@tanstack/react-query";
import { queryClient } from "../api/cache";
import api, { keeper, ProblemError, type Schemas, told } from "../api/client";

export type Role = Schemas["share.NewCode"]["role"];
export type Device = Schemas["share.Device"];
export type Rights = Schemas["share.Rights"];
export type Code = Schemas["share.Code"];

const KEY = ["share"];

/** Who is let in on what, and what happened at the shared door. */
export const useShared = (often: boolean) =>
  useQuery({
    meta: { what: "who is let in" },
    queryKey: KEY,
    queryFn: () => told(api.GET("/api/share")),
    // While a code lies open, the phone that uses it shows by itself.
    refetchInterval: often ? 2000 : false,
  });

/** Who is let in is no fact of the farm, so no answer says that it changed; it is done when the screen shows it. */
async function changed<T>(writing: Promise<T>): Promise<T> {
  try {
    return await writing;
  } finally {
    await queryClient.invalidateQueries({ queryKey: KEY });
  }
}

export const layCode = (personId: number, role: Role) =>
  changed(told(api.POST("/api/share/codes", { body: { personId, role } })));

export const withdrawCode = (personId: number) =>
  changed(told(api.DELETE("/api/share/codes/{personId}", { params: { path: { personId } } })));

export const sayRole = (personId: number, role: Role) =>
  changed(
    told(api.PUT("/api/share/people/{personId}/role", { params: { path: { personId } }, body: { role } })),
  );

export const sayPassphrase = (personId: number, passphrase: string | undefined) =>
  changed(
    told(
      api.PUT("/api/share/people/{personId}/passphrase", {
        params: { path: { personId } },
        body: { passphrase },
      }),
    ),
  );

export const takeAway = (id: number) =>
  changed(told(api.DELETE("/api/share/devices/{id}", { params: { path: { id } } })));

/** What a device left behind was decided on. */
export const decided = (id: number) =>
  changed(told(api.DELETE("/api/share/left/{id}", { params: { path: { id } } })));

/** What somebody may do, as the farm says it. */
export const ROLES: Record<string, string> = {
  GUEST: "looks on",
  HAND: "works",
  OWNER: "everything",
};

/** Codes are read in two halves. */
export const halves = (code: string) => `${code.slice(0, 4)} ${code.slice(4)}`;

/** What this device holds of the farm is wiped, but for how it reads units and light. */
export function wipe() {
  const kept = localStorage.getItem("bay-lantern-choices");
  localStorage.clear();
  sessionStorage.clear();
  if (kept)
    localStorage.setItem("bay-lantern-choices", JSON.stringify({ ...JSON.parse(kept), personId: undefined }));
}

/** Signs this device out, and leaves nothing of the farm on it. */
export async function signOut() {
  const waiting = (await (await keeper()).entries()).length;
  if (waiting > 0)
    throw new ProblemError(
      {
        detail: `${waiting} done here ${waiting === 1 ? "is" : "are"} not on the farm yet. Send or let go first.`,
      },
      0,
    );
  await told(api.POST("/api/share/sign-out"));
  await (await keeper()).leave();
  wipe();
  location.replace("/");
}

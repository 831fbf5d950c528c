import { useQuery } from "@tanstack/react-query";
import api, { type Schemas, told } from "../api/client";
import { sendFile } from "../api/sendFile";
import { done } from "../undo";

export type Pictured = Schemas["care.Pictures"];
export type Picture = Schemas["care.Picture"];

/** What a camera or a phone may send. */
export const PHOTOS = "image/jpeg,image/png,image/webp";

/** The pictures of a graft; none asked for where no code is given. */
export const usePictures = (code: string) =>
  useQuery({
    meta: { what: `the pictures of ${code}` },
    queryKey: ["pictures", code],
    enabled: code !== "",
    retry: false,
    queryFn: () => told(api.GET("/api/grafts/{code}/pictures", { params: { path: { code } } })),
  });

/** Sends a photo of a graft as it is on a day, today where none is said. */
export async function sendPicture(code: string, photo: File, day?: string, personId?: number) {
  const said = new URLSearchParams();
  if (day) said.set("day", day);
  if (personId) said.set("personId", `${personId}`);
  const kept = await sendFile<Schemas["care.PictureDone"]>(
    `/api/grafts/${encodeURIComponent(code)}/pictures?${said}`,
    photo,
  );
  done(kept.sentence, kept.actId);
}

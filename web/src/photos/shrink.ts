/** As long as what the kitchen keeps; more would only be sent. */
const LONGEST = 1_280;

/**
 * A picture as it is sent: smaller, upright, and painted anew, so that neither place nor device leave this one.
 *
 * @throws Error for what is no picture
 */
export async function shrunk(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file, { imageOrientation: "from-image" });
  const shrink = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(picture.width * shrink));
  canvas.height = Math.max(1, Math.round(picture.height * shrink));
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return new Promise((kept, failed) =>
    canvas.toBlob((blob) => (blob ? kept(blob) : failed(new Error("no picture"))), "image/jpeg", 0.9),
  );
}

import { Camera } from "lucide-react";
import { buttonClasses, ProblemNote } from "@/kit";
import { type Moment, type PhotoSubject, useTakePhoto } from "./usePhotos";

interface Props {
  readonly of: PhotoSubject;
  readonly moment: Moment;
  /** What it is a photo of, such as 'this load'. */
  readonly what: string;
}

/** One tap opens the camera; what it takes is kept at once. */
export function PhotoButton({ of, moment, what }: Props) {
  const take = useTakePhoto(of, moment);
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <label
        className={buttonClasses(
          {},
          `min-h-14 has-focus-visible:outline-2 ${take.isPending ? "pointer-events-none opacity-60" : ""}`,
        )}
      >
        <Camera size={22} aria-hidden="true" />
        {take.isPending ? "Keeping it" : `Photo of ${what}`}
        <input
          type="file"
          accept="image/*"
          capture="environment"
          className="sr-only"
          disabled={take.isPending}
          onChange={(event) => {
            const picture = event.target.files?.[0];
            if (picture) {
              take.mutate(picture);
            }
            event.target.value = "";
          }}
        />
      </label>
      {take.isSuccess && (
        <span role="status" className="font-semibold text-soft">
          Kept.
        </span>
      )}
      <ProblemNote error={take.error} />
    </div>
  );
}

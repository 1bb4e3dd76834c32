import { type RefObject, useRef, useState } from "react";
import { Button, ProblemNote } from "@/kit";
import { formatDateTime } from "@/quantity";
import { type Photo, type PhotosOf, usePhotos, useRemovePhoto } from "./usePhotos";

const MOMENTS: Record<string, string> = {
  loading: "Loading",
  "seal-check": "Seal check",
  opening: "Opening",
};

function caption(photo: Photo): string {
  const moment = MOMENTS[photo.moment];
  const jar = photo.jar == null ? undefined : `jar ${photo.jar}`;
  const words = [moment, jar].filter((word) => word !== undefined).join(", ");
  return `${words ? `${words} · ` : ""}${formatDateTime(photo.takenAt)}${photo.by ? ` · ${photo.by}` : ""}`;
}

/** The photos of a load, a batch or a lot, small; a tap shows one large. Nothing where there are none. */
export function Photos({ of }: { readonly of: PhotosOf }) {
  const photos = usePhotos(of);
  const [shown, setShown] = useState<Photo | undefined>();
  const dialog = useRef<HTMLDialogElement>(null);
  if (!photos.data) {
    return <ProblemNote error={photos.error} />;
  }
  return (
    <>
      <ul className="flex flex-wrap gap-3">
        {photos.data.map((photo) => (
          <li key={photo.id} className="w-36">
            <button
              type="button"
              className="block w-full text-left"
              onClick={() => {
                setShown(photo);
                dialog.current?.showModal();
              }}
            >
              <Picture photo={photo} className="h-28 w-36 object-cover" />
              <span className="mt-1 block text-sm leading-snug text-soft">{caption(photo)}</span>
            </button>
          </li>
        ))}
      </ul>
      <Large dialog={dialog} photo={shown} onClose={() => setShown(undefined)} />
    </>
  );
}

/** A backup may have come without its pictures. */
function Picture({ photo, className }: { readonly photo: Photo; readonly className: string }) {
  const [missing, setMissing] = useState(false);
  return missing ? (
    <span
      className={`flex items-center justify-center rounded-field border border-line bg-steam p-2 text-center text-sm ${className}`}
    >
      Its picture was not in the backup.
    </span>
  ) : (
    <img
      src={`/api/photos/${photo.id}`}
      width={photo.width}
      height={photo.height}
      loading="lazy"
      alt={caption(photo)}
      className={`rounded-field border border-line ${className}`}
      onError={() => setMissing(true)}
    />
  );
}

interface LargeProps {
  readonly dialog: RefObject<HTMLDialogElement | null>;
  readonly photo: Photo | undefined;
  readonly onClose: () => void;
}

function Large({ dialog, photo, onClose }: LargeProps) {
  const remove = useRemovePhoto();
  const [sure, setSure] = useState(false);
  const close = () => dialog.current?.close();
  return (
    <dialog
      ref={dialog}
      aria-label="Photo"
      className="m-auto max-h-[96dvh] max-w-[96vw] rounded-box bg-paper p-4 text-ink backdrop:bg-black/70"
      onClose={() => {
        setSure(false);
        remove.reset();
        onClose();
      }}
    >
      {photo && (
        <div className="flex flex-col gap-3">
          <Picture photo={photo} className="max-h-[72dvh] w-auto object-contain" />
          <p className="font-semibold">{caption(photo)}</p>
          <ProblemNote error={remove.error} />
          <div className="flex flex-wrap gap-3">
            <Button look="main" className="min-h-14" onClick={close}>
              Close
            </Button>
            {sure ? (
              <Button
                look="loss"
                className="min-h-14"
                disabled={remove.isPending}
                onClick={() => remove.mutate(photo.id, { onSuccess: close })}
              >
                Remove it for good
              </Button>
            ) : (
              <Button look="quiet" className="min-h-14" onClick={() => setSure(true)}>
                Remove
              </Button>
            )}
          </div>
        </div>
      )}
    </dialog>
  );
}

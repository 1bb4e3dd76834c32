import { useMutation, useQuery } from "@tanstack/react-query";
import { api, body, type Schemas, sendFile } from "@/api/client";
import { keys } from "@/api/keys";
import { Problem } from "@/api/problem";
import { useChanged } from "@/api/useChanged";
import { shrunk } from "./shrink";

export type Photo = Schemas["PhotoResponse"];
export type Moment = "loading" | "seal-check" | "opening" | "other";

/** One of the three. */
export interface PhotosOf {
  readonly run?: number;
  readonly batch?: number;
  readonly lot?: string;
}

export interface PhotoSubject {
  readonly run?: number;
  readonly jar?: number;
  readonly lot?: string;
}

export function usePhotos(of: PhotosOf) {
  return useQuery({
    queryKey: keys.photos(of),
    queryFn: () => body(api.GET("/api/photos", { params: { query: of } })),
  });
}

/** Keeps a photo of something. */
export function useTakePhoto(subject: PhotoSubject, moment: Moment) {
  const changed = useChanged("photos");
  return useMutation({
    mutationFn: async (file: File) => {
      const picture = await shrunk(file).catch(() => {
        throw new Problem(400, "no-picture", "This device cannot read that as a picture.", {});
      });
      const query = new URLSearchParams({ moment });
      for (const [name, value] of Object.entries(subject)) {
        query.set(name, String(value));
      }
      return (await sendFile(`/api/photos?${query}`, picture)) as Photo;
    },
    onSuccess: () => changed(),
  });
}

export function useRemovePhoto() {
  const changed = useChanged("photos");
  return useMutation({
    mutationFn: (id: number) => api.DELETE("/api/photos/{id}", { params: { path: { id } } }),
    onSuccess: () => changed(),
  });
}

import { useEffect, useState, useSyncExternalStore } from "react";
import { type Beginning, Scene } from "./scene";

/** A scene that plays while its page is open; another key begins another. */
export function useScene(beginnings: readonly Beginning[], key: string, rehearsing = false): Scene {
  const [held, setHeld] = useState(() => ({ key, scene: new Scene(beginnings, rehearsing) }));
  const current = held.key === key ? held : { key, scene: new Scene(beginnings, rehearsing) };
  if (current !== held) {
    setHeld(current);
  }
  const { scene } = current;
  useEffect(() => {
    scene.start();
    return () => scene.stop();
  }, [scene]);
  useSyncExternalStore(scene.subscribe, scene.snapshot);
  return scene;
}

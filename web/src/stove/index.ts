export { Alarms } from "./Alarms";
export { EventList } from "./EventList";
export { type Run, runNow } from "./live";
export { Offline } from "./Offline";
export { StovePlace } from "./StovePlace";
export { Trace } from "./Trace";
export { cookName, useTell } from "./tell";
export { useRun, useRunNow, useRuns } from "./useRuns";
export { deviationWord, stageWord } from "./words";

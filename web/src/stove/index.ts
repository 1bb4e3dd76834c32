export { Alarms } from "./Alarms";
export { EventList } from "./EventList";
export { deviationLabel, stageLabel } from "./labels";
export { onChange, type Run, runNow } from "./live";
export { Offline } from "./Offline";
export { cookName, useRecordEvent } from "./outbox";
export { StovePage } from "./StovePage";
export { Trace } from "./Trace";
export { useRun, useRunNow, useRuns } from "./useRuns";

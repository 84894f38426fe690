/**
 * Whether to take a delivery: how many bags to test one after the other, and with which risk of being wrong.
 */
export {
  decide,
  TEST_PLAN_DEFAULTS,
  testPlan,
  testPlanMethod,
  type Decision,
  type PlanStep,
  type TestPlanInput,
  type TestPlanResult,
} from './testPlan';
export {
  GATE_DECISIONS,
  GATE_LIMITS,
  GATE_MOISTURE_WORDS,
  GATE_MOISTURES,
  GATE_SMELL_WORDS,
  GATE_SMELLS,
  judgeAtGate,
  type GateDecision,
  type GateJudged,
  type GateMoisture,
  type GateReason,
  type GateSeen,
  type GateSmell,
} from './gate';

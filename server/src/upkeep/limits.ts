/** The most of each thing that is kept for one person; docs/privacy.md tells them. */
export const MOST_KEPT = {
  /** Deleted records that can still be brought back are among them. */
  records: 300_000,
  reviews: 300_000,
  cubes: { guest: 200, account: 5000 },
  methods: { guest: 40, account: 400 },
  groups: 100,
  learnersOfGroup: 400,
  plansOfGroup: 500,
  printsOfGroup: 60,
  assignmentsOfGroup: 1000,
  workOfLearner: 2000,
  /** Of one learner, to one group, within a day. */
  workOfDay: 60,
  notesOfWork: 500,
} as const;

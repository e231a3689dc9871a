import type { Sequelize } from 'sequelize';
import { accountModels } from './account.js';
import { groupModels } from './group.js';
import { methodModel } from './method.js';
import { recordModels } from './record.js';
import { solveModel } from './solve.js';
import { tableModels } from './table.js';

const made = new WeakMap<Sequelize, Models>();

/** The tables, as models of one database. */
export type Models = ReturnType<typeof make>;

function make(sequelize: Sequelize) {
  const models = {
    ...accountModels(sequelize),
    ...groupModels(sequelize),
    ...recordModels(sequelize),
    ...tableModels(sequelize),
    solves: solveModel(sequelize),
    methods: methodModel(sequelize),
  };
  const { accounts, assistants, groups, lives, members, notes, seats, work } = models;
  groups.belongsTo(accounts, { as: 'coach', foreignKey: 'coachId' });
  groups.hasMany(members, { as: 'members', foreignKey: 'groupId' });
  groups.hasMany(assistants, { as: 'assistants', foreignKey: 'groupId' });
  members.belongsTo(accounts, { as: 'learner', foreignKey: 'learnerId' });
  members.belongsTo(groups, { as: 'group', foreignKey: 'groupId' });
  assistants.belongsTo(accounts, { as: 'helper', foreignKey: 'coachId' });
  lives.belongsTo(groups, { as: 'group', foreignKey: 'groupId' });
  seats.belongsTo(lives, { as: 'live', foreignKey: 'sessionId' });
  seats.belongsTo(accounts, { as: 'account', foreignKey: 'accountId' });
  work.hasMany(notes, { as: 'notes', foreignKey: 'workId' });
  return models;
}

/** The models of a database, made once for each. */
export function modelsOf(sequelize: Sequelize): Models {
  let models = made.get(sequelize);
  if (!models) {
    models = make(sequelize);
    made.set(sequelize, models);
  }
  return models;
}

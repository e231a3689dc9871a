import type { Transaction } from 'sequelize';

/** The option that runs a query inside a transaction, if there is one. */
export const inside = (transaction: Transaction | undefined): { transaction?: Transaction } =>
  transaction ? { transaction } : {};

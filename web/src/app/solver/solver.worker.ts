import { solvePlan } from '@sleetcrest/core';
import { expose } from 'comlink';

expose({ solve: solvePlan });

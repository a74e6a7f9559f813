import { HungUp, searchOnServer } from './searchOnServer.ts';
import { SAMPLE_REQUEST } from '../../../../tests/sources/sampleRequest.ts';

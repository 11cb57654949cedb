import { blueprintSchema } from '@zealous-quill/core/exams';
import { z } from 'zod';
import { version } from '../database/base/version';
import * as schemas from './schemas';

interface Operation {
  readonly path: string;
  readonly method: 'get' | 'post';
  readonly summary: string;
  readonly request?: z.core.$ZodType;
  readonly reply: z.core.$ZodType;
  readonly errors: readonly number[];
}

const post = [400, 404, 405, 413, 415];

/** Of what may take long: it may be too hard, or too many may wait. */
const long = [...post, 422, 503];

const operations: readonly Operation[] = [
  {
    path: '/api',
    method: 'get',
    summary: 'This description',
    reply: z.record(z.string(), z.unknown()),
    errors: [405]
  },
  {
    path: '/api/skills',
    method: 'get',
    summary: 'The skills, with their features, schools and error patterns',
    reply: schemas.skillsReply,
    errors: [405]
  },
  {
    path: '/api/items/count',
    method: 'post',
    summary: 'How many items meet the controls, exactly',
    request: schemas.countRequest,
    reply: schemas.countReply,
    errors: long
  },
  {
    path: '/api/items',
    method: 'post',
    summary: 'Different items drawn uniformly from all that meet the controls',
    request: schemas.itemsRequest,
    reply: schemas.itemsReply,
    errors: long
  },
  {
    path: '/api/items/analyse',
    method: 'post',
    summary: 'Everything that is computed of one item',
    request: schemas.analyseRequest,
    reply: schemas.itemReply,
    errors: post
  },
  {
    path: '/api/marking',
    method: 'post',
    summary: 'Verdicts, marks and diagnosis of what was written',
    request: schemas.markingRequest,
    reply: schemas.markingReply,
    errors: post
  },
  {
    path: '/api/suitability',
    method: 'post',
    summary: 'The ways of working a sum, what each costs, and the cheapest',
    request: schemas.suitabilityRequest,
    reply: schemas.suitabilityReply,
    errors: [400, 405, 413, 415]
  },
  {
    path: '/api/assemble',
    method: 'post',
    summary: 'An exam paper that meets a plan, or the lines of the plan that cannot hold together',
    request: blueprintSchema,
    reply: schemas.assembleReply,
    errors: [400, 405, 413, 415, 422, 503]
  },
  {
    path: '/api/forms',
    method: 'post',
    summary: 'Equivalent forms of the parts of a paper',
    request: schemas.formsRequest,
    reply: schemas.formsReply,
    errors: [400, 405, 413, 415, 422, 503]
  },
  {
    path: '/api/health',
    method: 'get',
    summary: 'Version, and whether the database answers',
    reply: schemas.healthReply,
    errors: [405]
  }
];

/** The description of the API (OpenAPI 3.1), made from the schemas that check it. */
export function describeApi(): unknown {
  const paths = operations.map((operation) => [
    operation.path,
    { [operation.method]: describe(operation) }
  ]);
  return {
    openapi: '3.1.0',
    info: {
      title: 'Zealous Quill',
      version,
      description: 'Items with controlled features, and marking of working step by step.'
    },
    paths: Object.fromEntries(paths)
  };
}

function describe({ summary, request, reply, errors }: Operation): unknown {
  const failures = errors.map((status) => [status, json('What is wrong', schemas.errorReply)]);
  return {
    summary,
    ...(request && { requestBody: { required: true, ...content(request, 'input') } }),
    responses: { 200: json('Done', reply), ...Object.fromEntries(failures) }
  };
}

function json(description: string, schema: z.core.$ZodType): unknown {
  return { description, ...content(schema, 'output') };
}

function content(schema: z.core.$ZodType, io: 'input' | 'output') {
  return { content: { 'application/json': { schema: z.toJSONSchema(schema, { io }) } } };
}

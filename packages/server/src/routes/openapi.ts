import { PROBLEM_STATUS, problemSchema } from '@kobby/core';
import { z } from 'zod';
import { ENDPOINTS, type Endpoint } from './contract.ts';

const schemaOf = (schema: z.ZodType, io: 'input' | 'output'): object => {
  const { $schema: _, ...json } = z.toJSONSchema(schema, { io, unrepresentable: 'any' });
  return json;
};

/** The OpenAPI 3.1 document of {@link ENDPOINTS}. */
export function openApiDocument(): object {
  const paths: Record<string, Record<string, object>> = {};
  for (const [name, endpoint] of Object.entries(ENDPOINTS) as [string, Endpoint][]) {
    const path = endpoint.path.replaceAll(/:(\w+)/g, '{$1}');
    (paths[path] ??= {})[endpoint.method] = operation(name, endpoint);
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Kobby', version: '1' },
    paths,
    components: { schemas: { Problem: schemaOf(problemSchema, 'output') } },
    'x-problems': PROBLEM_STATUS,
  };
}

function operation(name: string, endpoint: Endpoint): object {
  const parameters = [...endpoint.path.matchAll(/:(\w+)/g)].map(([, parameter]) => ({
    name: parameter,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));
  const content = endpoint.response
    ? { 'application/json': { schema: schemaOf(endpoint.response, 'output') } }
    : { [endpoint.gives ?? 'text/event-stream']: { schema: { type: 'string' } } };
  return {
    operationId: name,
    summary: endpoint.summary,
    parameters,
    ...(endpoint.takesFile
      ? { requestBody: { required: true, content: { 'application/octet-stream': {} } } }
      : {}),
    ...(endpoint.request
      ? {
          requestBody: {
            required: true,
            content: { 'application/json': { schema: schemaOf(endpoint.request, 'input') } },
          },
        }
      : {}),
    responses: {
      200: { description: endpoint.summary, content },
      default: {
        description: 'A problem by RFC 9457',
        content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
      },
    },
  };
}

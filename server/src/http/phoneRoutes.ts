import { shopComputer as t } from '@thimble/language/en/shopComputer'
import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { Id } from '@thimble/contract'
import { LetIn, OpenAccess, PhoneAccess } from '@thimble/contract/phones'
import type { Phones } from '../phones/phones'
import { failures, json } from './documentRoutes'
import { problem } from './problems'

const tags = ['phones']
const responses = { 200: { description: 'The door for phones as it stands now', content: json(PhoneAccess) } }

/** Letting phones in and turning them out, which is done at the desk; each answers with the door as it stands then. */
export function phoneRoutes(app: OpenAPIHono, phones: Phones): void {
  app.openapi(createRoute({ method: 'get', path: '/phones', tags, responses }), (c) => c.json(phones.state(), 200))
  const open = createRoute({
    ...{ method: 'put', path: '/phones/door', tags, responses },
    description: 'Opens the door to the local network or closes it; it stays so at the next start.',
    request: { body: { required: true, content: json(OpenAccess) } },
  })
  app.openapi(open, async (c) => {
    await phones.setOpen(c.req.valid('json').open)
    return c.json(phones.state(), 200)
  })
  const invite = createRoute({
    ...{ method: 'post', path: '/phones/invitation', tags, responses },
    description: 'A code for one phone, good for two minutes.',
  })
  app.openapi(invite, (c) => {
    phones.pairing.invite()
    return c.json(phones.state(), 200)
  })
  const callOff = createRoute({ method: 'delete', path: '/phones/invitation', tags, responses })
  app.openapi(callOff, (c) => {
    phones.pairing.callOff()
    return c.json(phones.state(), 200)
  })
  answerRoutes(app, phones)
}

function answerRoutes(app: OpenAPIHono, phones: Phones): void {
  const answer = createRoute({
    ...{ method: 'post', path: '/phones/asking', tags },
    description: 'The yes or no to the phone that asks.',
    request: { body: { required: true, content: json(LetIn) } },
    responses: { ...responses, 404: failures[404] },
  })
  app.openapi(answer, (c) => {
    if (phones.pairing.answer(c.req.valid('json').letIn)) return c.json(phones.state(), 200)
    return problem(c, 404, t('no-longer-there'), t('no-phone-is-asking-now')) as never
  })
  const turnOut = createRoute({
    ...{ method: 'delete', path: '/phones/{id}', tags },
    description: 'Turns a phone out at once.',
    request: { params: z.object({ id: Id }) },
    responses: { ...responses, 404: failures[404] },
  })
  app.openapi(turnOut, (c) => {
    if (phones.store.turnOut(c.req.valid('param').id)) return c.json(phones.state(), 200)
    return problem(c, 404, t('not-found'), t('this-phone-is-no-longer')) as never
  })
}

import { json } from '@sveltejs/kit';
import { env } from '$env/dynamic/private';
import type { RequestHandler } from './$types';

/** Says that the server is up, and whether it runs the demo. */
export const GET: RequestHandler = () => json({ ok: true, demo: env.TOMBLE_DEMO === '1' });

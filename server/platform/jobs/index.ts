export { runJobs, type Job } from './jobs';

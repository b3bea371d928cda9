import type { Corner, Pose } from '@/api/answers';

/** Whether a point lies in the quadrilateral with these corners. */
export function inside([x, y]: Corner, corners: Corner[]): boolean {
    let within = false;
    corners.forEach(([x1, y1], index) => {
        const [x2, y2] = corners[(index + 1) % corners.length]!;
        if (y1 > y !== y2 > y && x < ((x2 - x1) * (y - y1)) / (y2 - y1) + x1) {
            within = !within;
        }
    });
    return within;
}

/** The next layer beneath one at a point; from the lowest back to the topmost. */
export function poseBehind(point: Corner, poses: Pose[], layer: string): Pose | undefined {
    const there = poses.filter((pose) => pose.seen && inside(point, pose.corners));
    const at = there.findIndex((pose) => pose.layer === layer);
    return there.at(at - 1);
}

/** The topmost layer that is seen at a point, in composition pixels. */
export const poseAt = (point: Corner, poses: Pose[]): Pose | undefined =>
    poses.findLast((pose) => pose.seen && inside(point, pose.corners));

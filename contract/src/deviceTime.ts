/** The header in which a device says what its clock shows as it sends a change. */
export const DEVICE_TIME = 'x-device-time'

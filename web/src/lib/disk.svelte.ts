/** Whether the disk of the house has room, as the last answer said. */
class Disk {
  full = $state(false);
}

export const disk = new Disk();

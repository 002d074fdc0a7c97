import type { Device } from '@jubbet/protocol';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { benchDevices } from './benchServer';
import type { Driver } from './driver';

const onCables = ['devices on cables'];

/**
 * The devices of a kind on the bench; none where there are none. What was connected by hand is
 * before what is only simulated.
 */
export const useDevices = (kind: Device['kind']): readonly Driver[] => {
  const { data: served = [] } = useQuery({
    queryKey: ['bench devices'],
    queryFn: benchDevices,
    staleTime: Infinity,
  });
  const { data: cabled = [] } = useQuery<readonly Driver[]>({
    queryKey: onCables,
    queryFn: () => [],
    staleTime: Infinity,
    gcTime: Infinity,
  });
  const ofKind = [...cabled, ...served].filter(({ device }) => device.kind === kind);
  const real = ofKind.filter(({ device }) => !device.simulated);
  return real.length > 0 ? real : ofKind;
};

/** Adds a device that was connected by hand, for as long as the page is open. */
export const useAddDevice = (): ((driver: Driver) => void) => {
  const client = useQueryClient();
  return (driver) =>
    client.setQueryData<readonly Driver[]>(onCables, (before = []) => [...before, driver]);
};

import type { Device } from '@jubbet/protocol';
import { useQuery } from '@tanstack/react-query';
import { benchDevices } from './benchServer';
import type { Driver } from './driver';

/** The devices of a kind on the bench; none where there are none. */
export const useDevices = (kind: Device['kind']): readonly Driver[] => {
  const { data = [] } = useQuery({
    queryKey: ['bench devices'],
    queryFn: benchDevices,
    staleTime: Infinity,
  });
  return data.filter(({ device }) => device.kind === kind);
};

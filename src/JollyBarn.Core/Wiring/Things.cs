using JollyBarn.Terms;

namespace JollyBarn.Wiring;

/// <summary>Things of a job named by their own ids.</summary>
public static class Things
{
    extension(Thing)
    {
        public static Thing Lead(Id<Lead> id) => new(ThingKind.Lead, id);

        public static Thing Joint(Id<Joint> id) => new(ThingKind.Joint, id);

        public static Thing Device(Id<Device> id, Id<Box>? box = null) => new(ThingKind.Device, id, box);

        public static Thing Circuit(Id<Circuit> id) => new(ThingKind.Circuit, id);

        public static Thing Run(Id<Run> id) => new(ThingKind.Run, id);
    }
}

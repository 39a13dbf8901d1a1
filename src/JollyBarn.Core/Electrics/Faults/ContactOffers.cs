using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics.Faults;

/// <summary>Switches that are not inside what they are outside: a contact that never closes, as where a single-pole one hangs in the place
/// of a three-way, and one that never opens.</summary>
internal static class ContactOffers
{
    public static IEnumerable<FaultOffer> Of(Live live, Id<Box> id, Id<Device> deviceId, Device device)
    {
        var name = $"{id}/{deviceId}";
        (string, object?) about = ("device", Thing.Device(deviceId));
        foreach (var way in DeviceKinds.Find(device.Kind)?.Inside.OfType<Way>() ?? [])
        {
            if (live.Plan.Find(LinkKeys.Way(name, way.From, way.To)) is { } link)
            {
                (string, object?) to = ("terminal", way.To);
                yield return FaultOffer.Of(OfferCase.NeverCloses, new OpenLink(link.Key), about, to);
                yield return FaultOffer.Of(OfferCase.NeverOpens, new Whole(link.Key), about, to);
            }
        }
    }
}

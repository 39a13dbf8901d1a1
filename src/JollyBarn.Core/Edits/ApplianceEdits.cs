using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Says what somebody has that takes current, and where it hangs. What the outlet takes in all is then what hangs there.</summary>
public sealed record PutAppliance(string Id, Appliance Appliance) : Edit
{
    private const decimal MostWatts = 20_000;

    public override bool PutsOver(Job job) => job.Appliances.Has(Id);

    public override Refusal? Check(Job job) =>
        Refuse.BadId(Id, "id")
        ?? Refuse.BadText(Appliance.Name, "appliance.name")
        ?? Refuse.BadEnum(Appliance.How, "appliance.how")
        ?? Refuse.BadEnum(Appliance.Minds, "appliance.minds")
        ?? (Appliance.Watts is >= 0 and <= MostWatts ? null : new Refusal(Why.PluggedTooMuch, "appliance.watts", ("most", MostWatts)))
        ?? (Appliance.Hours is null or (>= 0 and <= 24) ? null : new Refusal(Why.HoursOfDay, "appliance.hours"))
        ?? (Appliance.Box is null ? null : Stands(job, Appliance));

    public override Job Apply(Job job) =>
        Outlets.Told(job with { Appliances = job.Appliances.With(Id, Appliance) }, job.Appliances.Find(Id), Appliance);

    private static Refusal? Stands(Job job, Appliance appliance) =>
        !job.Boxes.TryFind(appliance.Box!.Value, out var box) ? Refuse.Missing(What.Box, appliance.Box, "appliance.box")
        : DeviceKinds.Find(box.Devices.Find(appliance.Device)?.Kind) is { Outlet: true } ? null
        : new Refusal(Why.NotAnOutlet, "appliance.device");
}

/// <summary>Takes a thing off the list, and off the outlet it hangs on.</summary>
public sealed record RemoveAppliance(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Appliances.Has(Id) ? null : Refuse.Missing(What.Appliance, Id, "id");

    public override Job Apply(Job job) => Outlets.Told(job with { Appliances = job.Appliances.Without(Id) }, job.Appliances.Find(Id));
}

/// <summary>What is said of outlets by what hangs on them.</summary>
internal static class Outlets
{
    /// <summary>The job with what each outlet takes said anew, where one of these things hangs or hung.</summary>
    public static Job Told(Job job, params IEnumerable<Appliance?> of) =>
        of.Where(a => a is { Box: not null, Device: not null })
            .Select(a => (Box: a!.Box!.Value, Device: a.Device!.Value))
            .Distinct()
            .Aggregate(job, (now, at) => Told(now, at.Box, at.Device));

    private static Job Told(Job job, Id<Box> id, Id<Device> device)
    {
        if (!job.Boxes.TryFind(id, out var box) || !box.Devices.Has(device))
        {
            return job;
        }

        var there = job.Appliances.Values.Where(a => a.Hangs(id, device)).ToList();
        string? watts = there.Count == 0 ? null : there.Sum(a => a.Watts).ToString("0.####", CultureInfo.InvariantCulture);
        // As a continuous load counts what runs long; it is not one only where all are known not to.
        bool? lasting =
            there.Exists(a => a.Lasting == true) ? true
            : there.Count > 0 && there.TrueForAll(a => a.Lasting == false) ? false
            : null;
        Hangs? how = there.MaxBy(a => a.Watts)?.How;
        var noted = box.Noted.Find(device.Text) ?? Noted.Nothing;
        var facts = With(noted.Facts, DeviceFacts.Watts, watts);
        facts = With(facts, DeviceFacts.Lasting, lasting is { } l ? (l ? "yes" : "no") : null);
        facts = With(facts, DeviceFacts.Hangs, how is { } h ? Choice.Text(h) : null);
        var next = facts.Count == 0 ? box.Noted.Without(device.Text) : box.Noted.With(device.Text, noted with { Facts = facts });
        return job with { Boxes = job.Boxes.With(id, box with { Noted = next }) };
    }

    private static ById<string, Observation> With(ById<string, Observation> facts, FactKey key, string? value) =>
        value is null ? facts.Without(key.Id) : facts.With(key.Id, new Observation(Known.Estimated, value));
}

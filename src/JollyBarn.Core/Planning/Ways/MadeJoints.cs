using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Connectors that go on in a plan: new ones, and those that came off and go on again.</summary>
/// <param name="New">By kind, how many are taken or bought.</param>
/// <param name="Reused">By kind, how many come off and go on again.</param>
internal sealed record MadeJoints(IReadOnlyDictionary<string, int> New, IReadOnlyDictionary<string, int> Reused)
{
    /// <summary>Counted joint by joint: one that is opened, and one whose members or connector are others afterwards.</summary>
    public static MadeJoints Of(IReadOnlyList<(Box? Was, Box Is)> boxes, HousePractice house)
    {
        var (needed, freed) = (new List<string>(), new List<string>());
        foreach (var (was, box) in boxes)
        {
            var (then, now) = (Members(was), Members(box));
            bool Opened(Id<Joint> id) =>
                was?.Joints.Find(id) is { } old
                && (box.Joints.Find(id)?.Connector != old.Connector || !then[id].Order().SequenceEqual(now[id].Order()));
            needed.AddRange(box.Joints.Where(j => was?.Joints.Has(j.Key) != true || Opened(j.Key)).Select(j => j.Value.Connector));
            freed.AddRange((was?.Joints ?? ById<Id<Joint>, Joint>.Empty).Where(j => Opened(j.Key)).Select(j => j.Value.Connector));
        }

        var again = freed.Where(c => Again(c, house)).CountBy(c => c).ToDictionary(StringComparer.Ordinal);
        var want = needed.Where(c => ConnectorKinds.Find(c) is { Style: not ConnectorStyle.None }).CountBy(c => c).ToList();
        return new(
            want.Select(w => (w.Key, Count: w.Value - again.GetValueOrDefault(w.Key)))
                .Where(w => w.Count > 0)
                .ToDictionary(w => w.Key, w => w.Count),
            want.Select(w => (w.Key, Count: Math.Min(w.Value, again.GetValueOrDefault(w.Key))))
                .Where(w => w.Count > 0)
                .ToDictionary(w => w.Key, w => w.Count)
        );
    }

    /// <summary>Levers open and close; a twist-on has taken its set, where the house says so; what bites or is crimped is used
    /// once.</summary>
    private static bool Again(string connector, HousePractice house) =>
        ConnectorKinds.Find(connector)?.Style switch
        {
            ConnectorStyle.Lever => true,
            ConnectorStyle.TwistOn or ConnectorStyle.ThroughHoleTwistOn => !house.Says(PracticeBook.Reuse, "never"),
            _ => false,
        };

    /// <summary>Ids of what lies in each joint; a pigtail with both ends in it twice.</summary>
    private static ILookup<Id<Joint>?, Id<Lead>> Members(Box? box) =>
        box is null
            ? Array.Empty<Id<Lead>>().ToLookup(_ => (Id<Joint>?)null)
            : box
                .Leads.Select(l => (l.Value.Lands.Joint, l.Key))
                .Concat(box.Pigtails.SelectMany(p => new[] { (p.Value.From.Joint, p.Key), (p.Value.To.Joint, p.Key) }))
                .ToLookup(m => m.Joint, m => m.Key);
}

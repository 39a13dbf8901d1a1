using JollyBarn.Edits;
using JollyBarn.Planning.Ways;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>A Change while it is done: the job as it is recorded, as the Change left it so far, as it plans it, and what was
/// marked.</summary>
public sealed record Doing(Job Present, Job Left, Job Planned, IReadOnlyList<Tick> Ticks)
{
    /// <exception cref="KeyNotFoundException">There is no such Change.</exception>
    public static Doing Of(Job job, string change)
    {
        ArgumentNullException.ThrowIfNull(job);
        var done = job.Changes[change]
            .Done.SelectMany(d => PutIn.Flat(ChangeWork.Read(d.Edit)))
            .Select(e =>
                e switch
                {
                    RemoveDevice r => (r.Box, r.Id),
                    SwapDevice s => (s.Box, s.Id),
                    _ => default((Id<Box>, Id<Device>)?),
                }
            )
            .ToHashSet();
        return new(job, ChangeWork.AsLeft(job, change), ChangeWork.Planned(job, change), job.Changes[change].Ticks)
        {
            Renewed = job.Changes[change]
                .Edits.SelectMany(e => PutIn.Flat(ChangeWork.Read(e.Edit)))
                .OfType<SwapDevice>()
                .Where(s => job.Boxes.Find(s.Box)?.Devices.Find(s.Id)?.Kind == s.Kind && !done.Contains((s.Box, s.Id)))
                .Select(s => (s.Box, s.Id))
                .ToHashSet(),
        };
    }

    /// <summary>Devices that are to be changed for new ones of their kind, and were not yet: no difference of the states tells
    /// them.</summary>
    public IReadOnlySet<(Id<Box> Box, Id<Device> Device)> Renewed { get; private init; } = new HashSet<(Id<Box>, Id<Device>)>();

    /// <summary>Boxes it works on and those it sets.</summary>
    public IEnumerable<Id<Box>> Boxes => Planned.Boxes.Where(b => !ReferenceEquals(Present.Boxes.Find(b.Key), b.Value)).Select(b => b.Key);

    /// <summary>What is still otherwise than a box is to be in the end.</summary>
    public IReadOnlyList<Planning.Difference> LeftOf(Job state, Id<Box> box) =>
        Goal.Of(this, box) is { } goal
            ? Planning.BoxDifference.Between(state, Planned with { Boxes = Planned.Boxes.With(box, goal) }, box)
            : [];
}

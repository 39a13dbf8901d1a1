using JollyBarn.Edits;
using JollyBarn.Making;
using JollyBarn.Measures;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Making;

/// <summary>A lead in the hand.</summary>
/// <param name="Name">Beside the picture: <c>type store</c>.</param>
/// <param name="Colour">Of its insulation, or what it is marked as.</param>
/// <param name="Tail">A pigtail, or a device's own.</param>
public sealed record ToldInHand(Id<Lead> Id, string Name, string Colour, string? MarkedAs, Gauge? Gauge, Length? Length, bool Tail);

/// <summary>One line of a step.</summary>
/// <param name="Length">How long, where it is a length.</param>
/// <param name="Count">How many, where it is a count.</param>
public sealed record ToldItem(string Says, Length? Length, int? Count, bool Ask);

/// <summary>One step in words.</summary>
/// <param name="Title">A few words, in large type and read aloud.</param>
/// <param name="Warning">What is said before one that cannot be taken back.</param>
/// <param name="Knot">The connector or terminal its leads meet at; null where they meet at none.</param>
/// <param name="Op">Operation it is timed as.</param>
/// <param name="Of">Which of them.</param>
public sealed record ToldCardStep(
    string Key,
    StepStage Stage,
    StepCase Case,
    string Title,
    string Says,
    string? Warning,
    IReadOnlyList<ToldInHand> Leads,
    IReadOnlyList<ToldItem> Items,
    Edit? Edit,
    IReadOnlyList<Edit> Now,
    string? Knot,
    string? Op,
    string? Of
);

/// <summary>A step that was marked.</summary>
public sealed record ToldTick(string Step, string Title, string By, string At);

/// <summary>A make-up card in words.</summary>
/// <param name="Hidden">Steps behind the proof of dead.</param>
/// <param name="Below">What can be made up at the bench first.</param>
/// <param name="Up">What goes up the ladder: parts of this box, each with how many.</param>
/// <param name="Tested">The readings it is proved by, once nothing else comes first.</param>
public sealed record ToldCard(
    Id<Box> Box,
    string Name,
    string? Place,
    string Change,
    IReadOnlyList<ToldCardStep> Steps,
    int Hidden,
    IReadOnlyList<ToldTick> Done,
    CardGate Gate,
    ToldProof Proof,
    IReadOnlyList<string> Below,
    IReadOnlyList<string> Up,
    ToldTested? Tested
)
{
    public static ToldCard Tell(Job job, string change, MakeUpCard card)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(card);
        var seen = card.Seen;
        var names = new Names(seen, card.Box);
        // What comes off is what is there, not what takes its place.
        var apart = new Names(card.Left, card.Box);
        var box = seen.Boxes[card.Box];
        return new(
            card.Box,
            box.Name,
            seen.Places.Find(box.Place ?? "")?.Name,
            job.Changes[change].Name,
            [
                .. card.Steps.Select(s =>
                    s.Stage == StepStage.Apart
                        ? Told(card.Left, card.Box, card.Left.Boxes[card.Box], apart, s)
                        : Told(seen, card.Box, box, names, s)
                ),
            ],
            card.Hidden,
            [.. card.Done.Select(t => new ToldTick(t.Step, Past(t, box, names), t.By, t.At))],
            card.Gate,
            ProofTeller.Tell(card.Proof),
            [.. card.Bench.Below.SelectMany(b => MadeBelow(b.Step, b.Items, names))],
            [.. card.Bench.Up.Where(p => p.Count > 0).Select(p => $"{Line.Start(PartWords.Of(p.Part))}: {Much(p)}")],
            card.Tests is { } tests ? ToldTested.Of(tests) : null
        );
    }

    private static IEnumerable<string> MadeBelow(CardStep step, IReadOnlyList<StepItem> items, Names names) =>
        items.Count == 0
            ? [StepWords.Title(step, new(step.About, names))]
            : items.Select(i => ItemWords.Says(i, new(i.About, names)) + (i.Length is { } length ? $": {length}" : ""));

    private static string Much(Planning.Ways.PartNeed part) =>
        string.Create(
            System.Globalization.CultureInfo.InvariantCulture,
            $"{(PartWords.InFeet(part.Part) ? Math.Ceiling(part.Count) : part.Count):0.##}{(PartWords.InFeet(part.Part) ? " ft" : "")}"
        );

    private static string Past(Tick tick, Box box, Names names) =>
        PastStep.Of(tick, box) is { } step ? StepWords.Title(step, new(step.About, names)) : tick.Step;

    private static ToldCardStep Told(Job seen, Id<Box> id, Box box, Names names, CardStep step)
    {
        var fill = new Filling(step.About, names);
        var op = StepOps.Of(step);
        return new(
            step.Key,
            step.Stage,
            step.Case,
            StepWords.Title(step, fill),
            StepWords.Body(step, fill),
            StepWords.Warning(step),
            [.. step.Leads.Select(l => InHand(seen, id, box, l)).OfType<ToldInHand>()],
            [.. step.Items.Select(i => new ToldItem(ItemWords.Says(i, new(i.About, names)), i.Length, i.Count, i.Ask))],
            step.Edit,
            step.Now,
            step.About["joint"] is Thing joint && box.Joints.Find(joint.Id) is { } made
                    ? names.Of(new Thing(ThingKind.Connector, made.Connector))
                : step.About["device"] is Thing device ? names.Of(device)
                : null,
            op?.Op.Key,
            op?.Of
        );
    }

    private static ToldInHand? InHand(Job seen, Id<Box> id, Box box, Id<Lead> lead)
    {
        var names = new ShortNames(seen, id, box);
        if (box.Leads.Find(lead) is { } l)
        {
            var from = l.Device is { } device ? names.Device(device) : names.Cable(l.Run ?? "", l.Side);
            return new(lead, from, l.Colour, l.MarkedAs, l.Gauge, l.Length.OrNull, l.Device is not null);
        }

        return box.Pigtails.Find(lead) is { } t ? new(lead, Further(box, t.To), t.Colour, null, t.Gauge, t.Length.OrNull, true) : null;
    }

    /// <summary>Where a pigtail goes on to, in few words.</summary>
    private static string Further(Box box, Landing to) =>
        to.At is LandingAt.Loose or LandingAt.Unknown ? "pigtail"
        : CodeBook.DeviceKinds.Spot(box.Devices.Find(to.Device)?.Kind, to.Place) is var (terminal, _) ? $"to {terminal.Name}"
        : $"to {Names.Of(box, to)}";
}

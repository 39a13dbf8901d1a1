using JollyBarn.CodeBook;
using JollyBarn.Connection.Sheet;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>What comes before a hand goes in, and after the plate is on. <em>Practice</em>, after NFPA 70E 120.</summary>
internal static class Finishing
{
    /// <summary>Breakers that feed the box as it is or as it is planned, by their keys.</summary>
    public static IReadOnlyList<(string Panel, Breaker Breaker)> Breakers(CardMaker card) =>
        [
            .. new[] { card.Left, card.Planned }
                .Where(j => j.Boxes.Has(card.Id))
                .SelectMany(j => CoverLabel.Of(j, card.Id).Breakers)
                .DistinctBy(b => BreakerKey.Of(b.Panel, b.Breaker))
                .Select(b => BreakerKey.Find(card.Left, BreakerKey.Of(b.Panel, b.Breaker)))
                .OfType<(string, Breaker)>(),
        ];

    /// <summary>Switched off, tagged, held; done once each breaker is recorded so by this person.</summary>
    public static void Before(CardMaker card, IReadOnlyList<(string Panel, Breaker Breaker)> breakers, string by, string now)
    {
        var on = breakers.Where(b => b.Breaker.On != false || !b.Breaker.HeldBy.Contains(by)).ToList();
        if (breakers.Count > 0 && on.Count == 0)
        {
            return;
        }

        card.Say(
            CardMaker.Step(
                StepStage.Dead,
                StepCase.Off,
                "",
                [],
                breakers.Count > 0
                    ? breakers.Select(b =>
                        StepItem.Of(
                            ItemCase.Breaker,
                            ("breaker", Thing.Breaker(b.Panel, b.Breaker.Key)),
                            ("panel", Thing.Panel(b.Panel)),
                            ("on", b.Breaker.On)
                        )
                    )
                    : [StepItem.Of(ItemCase.NoBreaker) with { Ask = true }],
                ("count", breakers.Count)
            ) with
            {
                Now = [.. on.Select(b => new SwitchBreaker(b.Panel, b.Breaker.Slot, by, now, false, b.Breaker.Lower))],
            }
        );
    }

    /// <summary>Power on once everyone has let go, what arrives tripped reset, readings, button, label, clean.</summary>
    public static void After(CardMaker card, IReadOnlyList<(string Panel, Breaker Breaker)> breakers, string by, string now)
    {
        if (!card.Worked)
        {
            return;
        }

        var loose = TakingApart
            .Ends(card.Box)
            .Where(e => e.At.At is LandingAt.Loose or LandingAt.Unknown)
            .Select(e => e.Lead)
            .Distinct()
            .ToList();
        if (loose.Count > 0)
        {
            card.Say(CardMaker.Step(StepStage.Test, StepCase.LooseEnds, "", loose, [], ("count", loose.Count)) with { Touches = true });
        }

        var held = breakers.SelectMany(b => b.Breaker.HeldBy.Where(h => h != by).Select(h => (b.Panel, b.Breaker, By: h))).ToList();
        card.Say(
            CardMaker.Step(
                StepStage.Test,
                StepCase.PowerOn,
                "",
                [],
                [
                    .. held.Select(h => StepItem.Of(ItemCase.HeldBy, ("breaker", Thing.Breaker(h.Panel, h.Breaker.Key)), ("by", h.By))),
                    .. Elsewhere(card).Select(b => StepItem.Of(ItemCase.OpenBox, ("box", new Thing(ThingKind.Box, b))) with { Ask = true }),
                ],
                ("count", breakers.Count)
            ) with
            {
                Now = [.. breakers.Select(b => new SwitchBreaker(b.Panel, b.Breaker.Slot, by, now, true, b.Breaker.Lower))],
            }
        );
        var protects = card.Goal.Devices.Where(d => DeviceKinds.Find(d.Value.Kind)?.Protects == true).Select(d => d.Key).ToList();
        foreach (var device in protects)
        {
            card.Say(CardMaker.Step(StepStage.Test, StepCase.Reset, device, [], [], ("device", Thing.Device(device))));
        }

        card.Say(CardMaker.Step(StepStage.Test, StepCase.Readings, "", [], []));
        foreach (var device in protects)
        {
            card.Say(CardMaker.Step(StepStage.Test, StepCase.Button, device, [], [], ("device", Thing.Device(device))));
        }

        card.Say(CardMaker.Step(StepStage.Test, StepCase.Label, "", [], []));
        card.Say(CardMaker.Step(StepStage.Test, StepCase.CleanUp, "", [], []));
    }

    /// <summary>Other boxes that are worked in and where ends lie on nothing: a hand may be in them when power comes on.</summary>
    private static IEnumerable<Id<Box>> Elsewhere(CardMaker card) =>
        card
            .Left.Boxes.Where(b => b.Key != card.Id && !ReferenceEquals(b.Value, card.Planned.Boxes.Find(b.Key)))
            .Where(b => TakingApart.Ends(b.Value).Any(e => Waits(card.Planned.Boxes.Find(b.Key), e)))
            .Select(b => b.Key);

    private static bool Waits(Box? planned, (Id<Lead> Lead, bool? Far, Landing At) end) =>
        end.At.At is LandingAt.Loose or LandingAt.Unknown
        && planned is not null
        && TakingApart.GoalOf(planned, end.Lead, end.Far) is { } goal
        && goal != end.At;

    /// <summary>What of the plan no step brought about: told, never passed over.</summary>
    public static void Beyond(CardMaker card)
    {
        var open = card.Now.Boxes.Has(card.Id) ? card.Doing.LeftOf(card.Now, card.Id).Count : 1;
        if (open > 0)
        {
            card.Say(CardMaker.Step(StepStage.Test, StepCase.Beyond, "", [], [], ("count", open)));
        }
    }
}

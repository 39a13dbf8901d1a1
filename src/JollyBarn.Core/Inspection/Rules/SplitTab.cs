namespace JollyBarn.Inspection.Rules;

/// <summary>A split receptacle has its tab broken, and a whole one is fed once.</summary>
/// <remarks>NEC 210.7: both halves of two circuits open together. A whole tab between two legs is a short of 240 V.</remarks>
public sealed class SplitTab() : BoxRule("split-tab", "Tab", "A tab left whole joins two circuits behind the plate.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, device, kind) in look.Receptacles.Where(r => r.Kind.Terminals.Any(t => t.Half is not null)))
        {
            var whole = !device.BrokenTabs.Contains("hot");
            if (whole && Circuits(look, id, "hot-upper") is { Count: > 0 } upper && Circuits(look, id, "hot-lower") is { Count: > 0 } lower && !upper.Overlaps(lower))
            {
                yield return Stop(id, $"The hot tab of the {look.DeviceName(id)} is whole, and two circuits land on its halves.", "210.7", ["Switch both circuits off and tag both breakers.", "Prove it dead on both halves.", "Break the tab, or take one circuit off."]);
            }
            else if (kind.Id == "receptacle-split")
            {
                yield return whole ? Fix(id, $"The {look.DeviceName(id)} is meant to be split and its hot tab is whole.", "210.7") : Fine(id, "Its hot tab is broken.", "210.7");
            }
        }
    }

    private static HashSet<string> Circuits(BoxLook look, string device, string terminal) =>
        look.On(device).Where(e => e.At.Terminal == terminal).Select(e => look.Cables.FirstOrDefault(c => c.Leads.Contains(e.Id))?.Run.Circuit).OfType<string>().ToHashSet();
}

using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.History;

/// <summary>Edits of what is inside a box: leads, joints, pigtails, devices, parts and entries.</summary>
internal sealed class InsideEditWords : EditWords
{
    public InsideEditWords()
    {
        OfLead<MoveLead>((e, box) => $"from {Names.Of(box, box.Leads[e.Lead].Lands)} to {Names.Of(box, e.To)}");
        OfLead<SetLeadLength>((e, _) => e.Length.OrNull is { } length ? $"{length} long" : "length not known");
        OfLead<SetLeadForm>((e, _) => Form(e.Form));
        OfLead<IdentifyLead>((e, _) => e.MarkedAs is null ? $"{e.Colour}, used as {ChoiceWords.Of(e.Use)}" : $"marked {e.MarkedAs}");
        OfLead<SetLeadWire>(
            (e, _) =>
                (e.Gauge is { } gauge ? $"{gauge} AWG" : "gauge not known")
                + (e.Metal == Metal.Copper ? "" : $", {ChoiceWords.Of(e.Metal)}")
        );
        InBox<JoinLeads>((e, _) => $"{e.Leads.Count} joined under a {Connector(e.Connector)}");
        InBox<AddJoint>((e, _) => $"{(e.Name is null ? "a joint" : $"joint {e.Name}")} begun");
        InBox<SetJoint>((e, _) => $"joint under a {Connector(e.Connector)}");
        InBox<RemoveJoint>((e, box) => $"{Names.Joint(box, e.Id)} opened");
        InBox<AddPigtail>((e, box) => $"pigtail from {Names.Of(box, e.From)} to {Names.Of(box, e.To)}");
        InBox<SetPigtail>((e, _) => $"{e.Colour} pigtail{(e.Gauge is { } gauge ? $", {gauge} AWG" : "")}");
        InBox<GoOn>((e, box) => $"{box.Leads.Find(e.Lead)?.Colour ?? box.Pigtails.Find(e.Lead)?.Colour} goes on to {Names.Of(box, e.To)}");
        InBox<LandPigtail>((e, box) => $"{box.Pigtails.Find(e.Id)?.Colour} pigtail to {Names.Of(box, e.To)}");
        InBox<RemovePigtail>((e, box) => $"{box.Pigtails.Find(e.Id)?.Colour} pigtail taken out");
        Devices();
        InBox<AddPart>((e, _) => $"{Part(e.Kind)} put on");
        InBox<SetPart>((e, box) => $"{Part(box.Parts.Find(e.Id)?.Kind)} measured");
        InBox<RemovePart>((e, box) => $"{Part(box.Parts.Find(e.Id)?.Kind)} taken off");
        InBox<AddPartition>((e, _) => $"partition after gang {e.AfterGang}");
        InBox<RemovePartition>((_, _) => "partition taken out");
        InBox<AddBlock>((e, _) => $"terminal block {e.Name}");
        InBox<RemoveBlock>((e, box) => $"terminal block {box.Blocks.Find(e.Id)?.Name} taken out");
        InBox<AddEntry>((e, _) => $"entry at the {ChoiceWords.Side(e.Side)}");
        InBox<SetEntry>((e, _) => Entry(e));
        InBox<RemoveEntry>((_, _) => "entry removed");
    }

    private void Devices()
    {
        InBox<AddDevice>((e, _) => $"{Names.DeviceKind(e.Kind)} put in");
        InBox<SwapDevice>((e, box) => $"{Names.DeviceIn(box, e.Id)} swapped for a {Names.DeviceKind(e.Kind)}");
        InBox<MoveDevice>((e, box) => $"{Names.DeviceIn(box, e.Id)} moved to gang {e.Gang}");
        InBox<SetDevice>(
            (e, box) =>
                e.BrokenTabs is { Count: > 0 } tabs
                    ? $"{Names.DeviceIn(box, e.Id)}: tab broken, {string.Join(" and ", tabs)}"
                    : $"{Names.DeviceIn(box, e.Id)} described"
        );
        InBox<RemoveDevice>((e, box) => $"{Names.DeviceIn(box, e.Id)} taken out");
        InBox<ThrowSwitch>((e, box) => $"{Names.DeviceIn(box, e.Device)}{(e.Lever is { } l ? $", {l}," : "")} thrown by {e.By}");
    }

    private static string Connector(string kind) => ConnectorKinds.Find(kind)?.Name ?? kind;

    private static string Part(string? kind) => PartKinds.Find(kind)?.Name ?? kind ?? "part";

    private static string Form(LeadForm form) =>
        form switch
        {
            LeadForm.PassingThrough => "passes through",
            LeadForm.Loop => "an unbroken loop",
            _ => "ends here",
        };

    private static string Entry(SetEntry set) =>
        set.Holding switch
        {
            Holding.OutsideConnector => "entry held by an outside connector",
            Holding.InternalClamp => "entry held by an inside clamp",
            _ => set.State switch
            {
                EntryState.Plugged => "entry plugged",
                EntryState.Open => "entry left open",
                _ => "entry set",
            },
        };
}

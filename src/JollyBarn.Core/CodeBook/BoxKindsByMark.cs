namespace JollyBarn.CodeBook;

/// <content>Boxes that come in no usual size: what goes in is what their own mark says.</content>
public static partial class BoxKinds
{
    private static IEnumerable<BoxKind> ByMark() =>
        [
            Marked("nm-fd-1", "one-gang nonmetallic weatherproof box", BoxShape.Weatherproof, BoxMaterial.Nonmetallic, 1),
            Marked("nm-fd-2", "two-gang nonmetallic weatherproof box", BoxShape.Weatherproof, BoxMaterial.Nonmetallic, 2),
            Marked("nm-wp-round", "round nonmetallic weatherproof box", BoxShape.Weatherproof, BoxMaterial.Nonmetallic, 0),
            Marked("post-body", "post body with a gang outdoors", BoxShape.Weatherproof, BoxMaterial.Nonmetallic, 1),
            Marked("landscape-body", "landscape body on a stake", BoxShape.Weatherproof, BoxMaterial.Nonmetallic, 1),
            Marked("floor-box-1", "floor box, one gang", BoxShape.Other, BoxMaterial.Metal, 1),
            Marked("floor-box-nm", "floor box, nonmetallic", BoxShape.Other, BoxMaterial.Nonmetallic, 1),
            Marked("utility-meter", "utility box, meter style", BoxShape.Utility, BoxMaterial.Metal, 1),
        ];

    private static BoxKind Marked(string id, string name, BoxShape shape, BoxMaterial material, int gangs) =>
        new(id, name, shape, material, gangs, null, false, null, null, null, ClampStyle.Outside, 3);
}

using System.Net;
using System.Text;
using JollyBarn.Telling.Making;

namespace JollyBarn.Web.Printed;

/// <summary>A hand-over as one file that any browser opens with no program and no network: text, styles and drawings are in it.</summary>
internal static class HandoverPack
{
    private const string Style =
        "body{font:17px/1.5 'Atkinson Hyperlegible Next',Verdana,sans-serif;margin:0 auto;max-width:52rem;padding:1rem;color:#1f252c;"
        + "background:#fff}h1{font-size:1.7rem}h2{margin-top:2rem;border-top:2px solid #1f252c;padding-top:.5rem}"
        + "svg{width:100%;height:auto;"
        + "border:1px solid #999}nav a{display:inline-block;padding:.4rem .6rem .4rem 0}li{margin:.2rem 0}"
        + "@media print{svg{border:0;page-break-before:always}nav{display:none}}";

    public static string Of(ToldHandover told)
    {
        var html = new StringBuilder("<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\">")
            .Append("<meta name=\"viewport\" content=\"width=device-width,initial-scale=1\">")
            .Append("<meta http-equiv=\"Content-Security-Policy\" content=\"default-src 'none'; style-src 'unsafe-inline'\">")
            .Append(Inv, $"<title>{Safe(told.Change)}</title><style>{Style}</style></head><body>");
        var first = true;
        var list = false;
        foreach (var (says, title) in HandoverLines.Of(told))
        {
            if (title)
            {
                html.Append(list ? "</ul>" : "").Append(Inv, $"<{(first ? "h1" : "h2")}>{Safe(says)}</{(first ? "h1" : "h2")}><ul>");
                (first, list) = (false, true);
            }
            else
            {
                html.Append(Inv, $"<li>{Safe(says)}</li>");
            }
        }

        html.Append("</ul><nav>");
        foreach (var box in told.Boxes)
        {
            html.Append(Inv, $"<a href=\"#{Safe(box.Card.Box)}\">{Safe(box.Card.Name)}</a> ");
        }

        html.Append("</nav>");
        foreach (var box in told.Boxes)
        {
            html.Append(Inv, $"<h2 id=\"{Safe(box.Card.Box)}\">{Safe(box.Card.Name)}</h2>")
                .Append(BoxSheet.Of(box.Card, box.Changed, code: false).Svg());
        }

        return html.Append("</body></html>").ToString();
    }

    private static string Safe(string text) => WebUtility.HtmlEncode(text);

    private static System.Globalization.CultureInfo Inv => System.Globalization.CultureInfo.InvariantCulture;
}

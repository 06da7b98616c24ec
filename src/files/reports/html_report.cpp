#include "core/formula/mathml.h"
#include "files/reports/report_files.h"

namespace ledgefall {
namespace {

constexpr const char* style = R"(
body { font: 11pt/1.4 Lato, "Segoe UI", sans-serif; color: #1d2430; margin: 2em auto; max-width: 60em; padding: 0 1em; }
h1 { font-size: 1.6em; } h2 { font-size: 1.2em; margin-top: 1.6em; }
table { border-collapse: collapse; margin: 0.6em 0; font-variant-numeric: tabular-nums; }
caption { text-align: left; font-weight: bold; padding: 0.3em 0; }
th, td { padding: 0.15em 0.6em; vertical-align: top; text-align: left; }
thead th { border-bottom: 1.5px solid #1d2430; } tfoot th, tfoot td { border-top: 1px solid #1d2430; font-weight: bold; }
td.blank { border-bottom: 1px solid #1d2430; min-width: 5em; height: 1.6em; } .room { height: 6em; border-bottom: 1px solid #b9b2a3; }
td.number, th.number { text-align: right; }
.formula { font-weight: normal; font-size: 0.9em; } .unit, .note { color: #5a6270; font-weight: normal; }
figure { margin: 1em 0; } figure svg { max-width: 100%; height: auto; }
@media print { body { margin: 0; max-width: none; } thead { display: table-header-group; } tr, figure { break-inside: avoid; } }
)";

std::string element(const char* name, const std::string& inside, const std::string& attributes = {}) {
    return std::string("<") + name + (attributes.empty() ? "" : " " + attributes) + ">" + inside + "</" + name + ">";
}

std::string paragraph(const std::string& text, const char* kind = "note") {
    return text.empty() ? "" : element("p", text_for_xml(text), std::string("class=\"") + kind + "\"") + "\n";
}

class HtmlReport {
  public:
    HtmlReport(const Report& report, const ChartSvg& chart)
        : report_(report)
        , chart_(chart) {}

    std::string write() {
        out_ = "<!DOCTYPE html>\n<html lang=\"" + report_.language + "\">\n<head>\n<meta charset=\"utf-8\">\n" +
               element("title", text_for_xml(report_.title)) + "\n" + element("style", style) + "\n</head>\n<body>\n";
        out_ += element("h1", text_for_xml(report_.title)) + "\n";
        const std::string by =
            report_.author + (report_.author.empty() || report_.date.empty() ? "" : ", ") + report_.date;
        out_ += paragraph(by) + paragraph(report_.note, "text");
        questions();
        held();
        for (const ReportTable& table : report_.tables) {
            this->table(table);
        }
        charts();
        workings();
        checks();
        runs();
        sources();
        return out_ + "</body>\n</html>\n";
    }

  private:
    void heading(const std::string& text) { out_ += element("h2", text_for_xml(text)) + "\n"; }

    std::string formula(const ReportFormula& formula, bool named = true) const {
        if (formula.empty()) {
            return {};
        }
        const std::string name = named && !formula.name.empty() ? text_for_xml(formula.name) + " = " : "";
        const bool set = report_.formulas == ReportRequest::Formulas::mathematics;
        return element("span", name + (set ? mathml_of(formula.set) : element("code", text_for_xml(formula.typed))),
                       "class=\"formula\"");
    }

    static std::string cell(const std::string& text, bool number) {
        return element("td", text_for_xml(text), number ? "class=\"number\"" : "");
    }

    void questions() {
        if (report_.questions.empty()) {
            return;
        }
        heading(worded({N_("What is asked")}));
        out_ += "<ol>\n";
        for (const ReportQuestion& one : report_.questions) {
            out_ += element("li", text_for_xml(one.text) + (one.in_words ? element("div", "", "class=\"room\"") : "")) +
                    "\n";
        }
        out_ += "</ol>\n";
    }

    void held() {
        if (report_.held.empty()) {
            return;
        }
        heading(worded({N_("Held values")}));
        out_ += "<table>\n<thead><tr>";
        for (const char* label : {N_("Name"), N_("Value"), N_("Formula"), N_("Note")}) {
            out_ += element("th", text_for_xml(worded({label})), "scope=\"col\"");
        }
        out_ += "</tr></thead>\n<tbody>\n";
        for (const ReportHeld& one : report_.held) {
            const std::string name = one.table.empty() ? one.name : one.table + ": " + one.name;
            out_ += "<tr>" + element("th", text_for_xml(name), "scope=\"row\"") +
                    cell(one.value + (one.unit.empty() || one.value.empty() ? "" : " " + one.unit), true) +
                    element("td", formula(one.formula, false)) + cell(one.note, false) + "</tr>\n";
        }
        out_ += "</tbody>\n</table>\n";
    }

    void table(const ReportTable& table) {
        heading(table.label);
        out_ += paragraph(table.note, "text");
        for (const std::string& remark : table.remarks) {
            out_ += paragraph(remark);
        }
        if (!table.formula.empty()) {
            out_ += element("p", formula(table.formula)) + "\n";
        }
        out_ += "<table id=\"" + text_for_xml(table.id) + "\">\n<thead><tr>";
        for (const ReportColumn& column : table.columns) {
            std::string text = text_for_xml(column.label);
            text += column.unit.empty()
                        ? ""
                        : " " + element("span", "(" + text_for_xml(column.unit) + ")", "class=\"unit\"");
            text += column.formula.empty() ? "" : "<br>" + formula(column.formula);
            out_ += element("th", text, column.numbers ? "scope=\"col\" class=\"number\"" : "scope=\"col\"");
        }
        out_ += "</tr></thead>\n<tbody>\n";
        for (std::size_t row = 0; row < table.rows.size(); ++row) {
            if (table.left_out > 0 && row == table.left_after) {
                left_out(table);
            }
            line(table, table.rows[row]);
        }
        if (table.left_out > 0 && table.left_after >= table.rows.size()) {
            left_out(table);
        }
        out_ += "</tbody>\n";
        if (!table.foot.empty()) {
            out_ += "<tfoot>\n";
            for (const auto& values : table.foot) {
                line(table, values);
            }
            out_ += "</tfoot>\n";
        }
        out_ += "</table>\n";
    }

    void left_out(const ReportTable& table) {
        const std::string text = worded({N_("%1 rows are left out here"), {std::to_string(table.left_out)}});
        out_ += "<tr>" +
                element("td", text_for_xml(text),
                        "class=\"note\" colspan=\"" + std::to_string(table.columns.size()) + "\"") +
                "</tr>\n";
    }

    void line(const ReportTable& table, const std::vector<std::string>& values) {
        out_ += "<tr>";
        for (std::size_t at = 0; at < values.size(); ++at) {
            out_ += at == 0 ? element("th", text_for_xml(values[at]), "scope=\"row\"")
                    : table.columns[at].blank && values[at].empty() ? element("td", "", "class=\"blank\"")
                                                                    : cell(values[at], table.columns[at].numbers);
        }
        out_ += "</tr>\n";
    }

    void charts() {
        for (const ReportChart& one : report_.charts) {
            const std::string picture = chart_ ? chart_(one.chart) : "";
            if (!picture.empty()) {
                out_ += element("figure", picture + element("figcaption", text_for_xml(one.label))) + "\n";
            }
        }
    }

    void workings() {
        for (const ReportWorking& one : report_.workings) {
            heading(worded({N_("Working of %1"), {one.what}}));
            for (const std::string& line : one.lines) {
                out_ += element("p", element("code", text_for_xml(line))) + "\n";
            }
        }
    }

    void checks() {
        if (report_.checks.empty()) {
            return;
        }
        heading(worded({N_("Checks")}));
        out_ += "<ul>\n";
        for (const ReportCheck& one : report_.checks) {
            const std::string message = one.message.empty() ? "" : " " + text_for_xml(one.message);
            out_ += element("li", text_for_xml(one.label) + ": " + text_for_xml(one.state) + "." + message + " " +
                                      formula(one.condition)) +
                    "\n";
        }
        out_ += "</ul>\n";
    }

    void runs() {
        if (report_.runs.empty()) {
            return;
        }
        heading(worded({N_("Runs")}));
        out_ += "<ul>\n";
        for (const ReportRun& one : report_.runs) {
            out_ += element("li", text_for_xml(one.name == one.held ? one.name : one.name + ": " + one.held)) + "\n";
        }
        out_ += "</ul>\n";
    }

    void sources() {
        if (report_.sources.empty()) {
            return;
        }
        heading(worded({N_("Sources of the methods")}));
        out_ += "<dl>\n";
        for (const auto& [name, source] : report_.sources) {
            out_ += element("dt", element("code", text_for_xml(name))) + element("dd", text_for_xml(source)) + "\n";
        }
        out_ += "</dl>\n";
    }

    const Report& report_;
    const ChartSvg& chart_;
    std::string out_;
};

} // namespace

std::string write_html_report(const Report& report, const ChartSvg& chart) {
    return HtmlReport(report, chart).write();
}

} // namespace ledgefall
